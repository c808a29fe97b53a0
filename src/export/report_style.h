// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How the report page looks: warm paper, the camera slate grey, the clean sound saffron. All its
/// colours are named here, once.
#pragma once

namespace brisk {

constexpr const char* kReportStyle = R"(
body { background: #f6f1e7; color: #20262b; font: 14px/1.45 "Lato", "DejaVu Sans", sans-serif;
  max-width: 900px; margin: 32px auto; padding: 0 24px; }
h1 { font-size: 26px; margin: 0; } h2 { font-size: 18px; margin: 40px 0 8px; }
h3 { font-size: 13px; font-weight: normal; color: #625c50; margin: 16px 0 4px; }
small { font-size: 13px; font-weight: normal; color: #625c50; }
table { border-collapse: collapse; margin: 8px 0; width: 100%; }
th { text-align: left; font-weight: normal; color: #625c50; width: 120px; vertical-align: top; }
td, th { padding: 3px 12px 3px 0; } td { vertical-align: top; } td.n { white-space: nowrap; }
.files td { border-top: 1px solid #dcd4c3; padding-top: 6px; }
code { font-size: 11px; color: #625c50; word-break: break-all; }
figure { display: inline-block; margin: 0 10px 0 0; } figcaption { font-size: 12px; }
.attention { color: #a83a2a; }
svg { display: block; } svg text { font-size: 12px; fill: #625c50; }
.camera { fill: #69717b; } .clean { fill: #b87503; } .ink { stroke: #20262b; }
.hair { stroke: #dcd4c3; } .away { fill: #dcd4c3; fill-opacity: 0.6; }
.dot { fill: #b87503; } .faint { fill: #dcd4c3; }
)";

}  // namespace brisk
