// SPDX-License-Identifier: GPL-3.0-or-later
// Holds the precompiled headers that all test programs share.
