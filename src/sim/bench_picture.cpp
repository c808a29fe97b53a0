// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/bench_picture.h"

#include <cairo.h>

#include <algorithm>
#include <cmath>
#include <cstdio>

namespace brisk::sim {
namespace {

constexpr double kWide = 640;
constexpr double kHigh = 360;

void paint(cairo_t* c, unsigned rgb) {
    cairo_set_source_rgb(c, (rgb >> 16 & 255) / 255.0, (rgb >> 8 & 255) / 255.0,
                         (rgb & 255) / 255.0);
}

void box(cairo_t* c, unsigned rgb, double x, double y, double w, double h) {
    paint(c, rgb);
    cairo_rectangle(c, x, y, w, h);
    cairo_fill(c);
}

void limb(cairo_t* c, unsigned rgb, double width, double x0, double y0, double x1, double y1,
          double x2, double y2) {
    paint(c, rgb);
    cairo_set_line_width(c, width);
    cairo_set_line_cap(c, CAIRO_LINE_CAP_ROUND);
    cairo_set_line_join(c, CAIRO_LINE_JOIN_ROUND);
    cairo_move_to(c, x0, y0);
    cairo_line_to(c, x1, y1);
    cairo_line_to(c, x2, y2);
    cairo_stroke(c);
}

void ellipse(cairo_t* c, unsigned rgb, double x, double y, double rx, double ry) {
    cairo_save(c);
    cairo_translate(c, x, y);
    cairo_scale(c, rx, std::max(0.5, ry));
    cairo_arc(c, 0, 0, 1, 0, 2 * M_PI);
    cairo_restore(c);
    paint(c, rgb);
    cairo_fill(c);
}

void backdrop(cairo_t* c) {
    box(c, 0xd8cdb8, 0, 0, kWide, kHigh);
    box(c, 0xc4b69c, 0, 236, kWide, 124);
    // A tall window with a grey sky, left.
    box(c, 0x8a7a62, 40, 30, 116, 150);
    box(c, 0xdfe6e6, 46, 36, 50, 138);
    box(c, 0xdfe6e6, 100, 36, 50, 138);
    // Shelves of finished books, right.
    static const unsigned spines[] = {0x7b2d26, 0x2f4f4a, 0xb88a3a, 0x44506a, 0x6b4a34, 0x8c8577};
    for (int shelf = 0; shelf < 3; ++shelf) {
        const double y = 36 + shelf * 58;
        double x = 470;
        for (int i = 0; x < 606; ++i) {
            const double w = 9 + (i * 7 + shelf * 5) % 8;
            const double h = 34 + (i * 5 + shelf * 3) % 14;
            box(c, spines[(i + shelf * 2) % 6], x, y + 50 - h, w, h);
            x += w + 1.5;
        }
        box(c, 0x8a7a62, 464, y + 50, 150, 5);
    }
}

void bench(cairo_t* c) {
    box(c, 0x8b5e3c, 90, 262, 460, 98);
    box(c, 0x7a5234, 90, 262, 460, 8);
    // The press with a book in it, and a reel of thread.
    box(c, 0x4a4238, 440, 216, 84, 9);
    box(c, 0x7b2d26, 448, 226, 68, 22);
    box(c, 0x4a4238, 440, 250, 84, 12);
    box(c, 0x4a4238, 478, 190, 8, 28);
    box(c, 0x4a4238, 460, 188, 44, 6);
    box(c, 0xe9e2d0, 128, 240, 22, 22);
    box(c, 0x8a7a62, 124, 236, 30, 5);
    box(c, 0x8a7a62, 124, 258, 30, 5);
}

}  // namespace

struct BenchPicture::State {
    int width;
    int height;
    cairo_surface_t* still;
    cairo_surface_t* surface;

    State(int w, int h)
        : width(w),
          height(h),
          still(cairo_image_surface_create(CAIRO_FORMAT_RGB24, w, h)),
          surface(cairo_image_surface_create(CAIRO_FORMAT_RGB24, w, h)) {
        cairo_t* c = cairo_create(still);
        cairo_scale(c, w / kWide, h / kHigh);
        backdrop(c);
        cairo_destroy(c);
    }
    ~State() {
        cairo_surface_destroy(still);
        cairo_surface_destroy(surface);
    }
    State(const State&) = delete;
    State& operator=(const State&) = delete;
};

BenchPicture::BenchPicture(int width, int height)
    : state_(std::make_unique<State>(width, height)) {}
BenchPicture::~BenchPicture() = default;

std::span<const std::uint32_t> BenchPicture::draw(const BenchMoment& m) {
    State& s = *state_;
    cairo_t* c = cairo_create(s.surface);
    cairo_set_source_surface(c, s.still, 0, 0);
    cairo_paint(c);
    cairo_scale(c, s.width / kWide, s.height / kHigh);

    const double sway = 2.5 * std::sin(m.seconds * 1.7);
    const double x = 300 + sway;
    // Body, apron, head.
    box(c, 0x44606a, x - 52, 160, 104, 110);
    box(c, 0xb9ac90, x - 34, 176, 68, 94);
    ellipse(c, 0xd9b48c, x, 108, 38, 44);
    ellipse(c, 0x6b6258, x, 74, 38, 16);
    ellipse(c, 0x3a332c, x - 14, 102, 3.4, 3.4);
    ellipse(c, 0x3a332c, x + 14, 102, 3.4, 3.4);
    ellipse(c, 0x6e2b26, x, 130, 12 - 2 * m.mouth, 1.2 + 11 * m.mouth);

    bench(c);

    // Palms meet at the middle of the chest; at rest they lie on the bench.
    const double open = std::clamp(m.hands, 0.0, 1.0);
    const double handY = 206 + 44 * open;
    const double reach = 5 + 74 * open;
    limb(c, 0x3c545d, 17, x - 50, 172, x - 78, 222, x - reach, handY);
    limb(c, 0x3c545d, 17, x + 50, 172, x + 78, 222, x + reach, handY);
    ellipse(c, 0xd9b48c, x - reach, handY, 8, 13);
    ellipse(c, 0xd9b48c, x + reach, handY, 8, 13);
    if (m.contact) {
        paint(c, 0xb3372a);
        cairo_set_line_width(c, 3);
        for (int i = 0; i < 8; ++i) {
            const double a = i * M_PI / 4 + M_PI / 8;
            cairo_move_to(c, x + 26 * std::cos(a), handY + 26 * std::sin(a));
            cairo_line_to(c, x + 40 * std::cos(a), handY + 40 * std::sin(a));
        }
        cairo_stroke(c);
    }

    // A tent card on the bench with the take's name, and the frame number in the corner.
    char text[96];
    box(c, 0xefe8d8, 196, 310, 248, 36);
    cairo_select_font_face(c, "sans-serif", CAIRO_FONT_SLANT_NORMAL, CAIRO_FONT_WEIGHT_BOLD);
    paint(c, 0x3a332c);
    cairo_set_font_size(c, 18);
    cairo_move_to(c, 206, 334);
    cairo_show_text(c, m.label.c_str());
    std::snprintf(text, sizeof text, "frame %lld", static_cast<long long>(m.frame));
    box(c, 0x3a332c, 0, 0, 132, 30);
    paint(c, 0xf4eee0);
    cairo_set_font_size(c, 19);
    cairo_move_to(c, 10, 22);
    cairo_show_text(c, text);

    cairo_destroy(c);
    cairo_surface_flush(s.surface);
    const unsigned char* data = cairo_image_surface_get_data(s.surface);
    // RGB24 surfaces are 32 bits a pixel without padding between rows.
    const auto* pixels = reinterpret_cast<const std::uint32_t*>(data);
    return {pixels, static_cast<std::size_t>(s.width) * static_cast<std::size_t>(s.height)};
}

}  // namespace brisk::sim
