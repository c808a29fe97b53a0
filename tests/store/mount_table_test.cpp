// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/mount_table.h"

#include <gtest/gtest.h>

#include <fstream>

#include "support/temp_folder.h"

namespace brisk {
namespace {

TEST(MountTable, TellsTheCardOfAFile) {
    const test::TempFolder folder;
    const std::string table = folder.file("mounts");
    std::ofstream(table) << "/dev/sda1 / ext4 rw 0 0\n"
                            "/dev/sdb1 /media/CAMERA exfat rw 0 0\n"
                            "/dev/sdc1 /media/CAMERA\\040TWO exfat rw 0 0\n"
                            "/dev/sdd1 /media exfat rw 0 0\n";
    const MountTable mounted = MountTable::current(table);
    EXPECT_EQ(mounted.placeOf("/media/CAMERA/clip/bench-01.mp4"), "/media/CAMERA");
    EXPECT_EQ(mounted.placeOf("/media/CAMERA TWO/bench-02.mp4"), "/media/CAMERA TWO");
    EXPECT_EQ(mounted.placeOf("/media/CAMERA2/bench-03.mp4"), "/media");
    EXPECT_EQ(mounted.placeOf("/home/ines/lavalier.wav"), "/");
    EXPECT_EQ(MountTable::current(folder.file("none")).placeOf("/home/x.wav"), "");
    EXPECT_FALSE(MountTable::current().placeOf("/tmp/x.wav").empty());
}

}  // namespace
}  // namespace brisk
