#include "output/files/sheets_pdf.h"

#include <cairo/cairo-ft.h>
#include <cairo/cairo-pdf.h>

#include <cmath>

#include "base/words/say.h"
#include "output/diagram/paper_ink.h"

namespace sangre {
namespace {

constexpr double point_per_mm = 72 / 25.4;

/// Both faces of the shipped font, for as long as something is drawn with them.
struct Faces {
    FT_Library library = nullptr;
    FT_Face files[2] = {nullptr, nullptr};
    cairo_font_face_t* faces[2] = {nullptr, nullptr};

    explicit Faces(const std::filesystem::path& data) {
        if (FT_Init_FreeType(&library) != 0) return;
        const char* names[] = {"B612-Regular.ttf", "B612-Bold.ttf"};
        for (int i = 0; i < 2; ++i)
            if (FT_New_Face(library, (data / "fonts" / names[i]).c_str(), 0, &files[i]) == 0)
                faces[i] = cairo_ft_font_face_create_for_ft_face(files[i], 0);
    }
    ~Faces() {
        for (auto* face : faces)
            if (face) cairo_font_face_destroy(face);
        for (auto* file : files)
            if (file) FT_Done_Face(file);
        if (library) FT_Done_FreeType(library);
    }
    Faces(const Faces&) = delete;
    Faces& operator=(const Faces&) = delete;
};

bool set_ink(cairo_t* c, const Ink& ink) {
    const auto hex = paper_colour(ink);
    if (hex.empty()) return false;
    const auto part = [&](size_t at) { return std::stoi(hex.substr(at, 2), nullptr, 16) / 255.0; };
    cairo_set_source_rgba(c, part(1), part(3), part(5), ink_cover(ink));
    return true;
}

void finish(cairo_t* c, const DiagramShape& s) {
    if (set_ink(c, s.fill)) cairo_fill_preserve(c);
    if (set_ink(c, s.stroke)) {
        const double dashes[] = {1.5, 1};
        cairo_set_dash(c, dashes, s.dashed ? 2 : 0, 0);
        cairo_set_line_width(c, s.width);
        cairo_stroke_preserve(c);
    }
    cairo_new_path(c);
}

void draw(cairo_t* c, const Faces& faces, const DiagramShape& s) {
    const auto &a = s.points.front(), &b = s.points.back();
    switch (s.kind) {
        case ShapeKind::line:
            cairo_move_to(c, a.x, a.y);
            cairo_line_to(c, b.x, b.y);
            finish(c, s);
            break;
        case ShapeKind::rectangle: {
            const double r = std::min({corner_of(s), std::abs(b.x - a.x) / 2, std::abs(b.y - a.y) / 2});
            cairo_new_sub_path(c);
            cairo_arc(c, b.x - r, a.y + r, r, -M_PI / 2, 0);
            cairo_arc(c, b.x - r, b.y - r, r, 0, M_PI / 2);
            cairo_arc(c, a.x + r, b.y - r, r, M_PI / 2, M_PI);
            cairo_arc(c, a.x + r, a.y + r, r, M_PI, 3 * M_PI / 2);
            cairo_close_path(c);
            finish(c, s);
            break;
        }
        case ShapeKind::circle:
            cairo_new_sub_path(c);
            cairo_arc(c, a.x, a.y, std::hypot(b.x - a.x, b.y - a.y), 0, 2 * M_PI);
            finish(c, s);
            break;
        case ShapeKind::text: {
            if (!set_ink(c, s.fill)) break;
            if (auto* face = faces.faces[s.bold ? 1 : 0]) cairo_set_font_face(c, face);
            cairo_set_font_size(c, s.size);
            cairo_text_extents_t extents;
            cairo_text_extents(c, s.text.c_str(), &extents);
            const double share = s.align == TextAlign::left ? 0 : s.align == TextAlign::centre ? 0.5 : 1;
            cairo_move_to(c, a.x - extents.x_advance * share, a.y);
            cairo_show_text(c, s.text.c_str());
            cairo_new_path(c);
            break;
        }
    }
}

cairo_status_t append(void* to, const unsigned char* data, unsigned length) {
    static_cast<std::string*>(to)->append(reinterpret_cast<const char*>(data), length);
    return CAIRO_STATUS_SUCCESS;
}

}  // namespace

tl::expected<std::string, std::string> sheets_to_pdf(const std::vector<DiagramSheet>& sheets,
                                                     const std::string& title,
                                                     const std::filesystem::path& data) {
    std::string pdf;
    const Faces faces(data);
    auto* surface = cairo_pdf_surface_create_for_stream(append, &pdf, 210 * point_per_mm, 297 * point_per_mm);
    cairo_pdf_surface_set_metadata(surface, CAIRO_PDF_METADATA_TITLE, title.c_str());
    auto* c = cairo_create(surface);
    for (const auto& sheet : sheets) {
        cairo_pdf_surface_set_size(surface, sheet.width * point_per_mm, sheet.height * point_per_mm);
        cairo_save(c);
        cairo_scale(c, point_per_mm * sheet.scale, point_per_mm * sheet.scale);
        for (const auto& s : sheet.shapes)
            if (!s.points.empty()) draw(c, faces, s);
        cairo_restore(c);
        cairo_show_page(c);
    }
    cairo_surface_finish(surface);
    const auto status = cairo_surface_status(surface), drawn = cairo_status(c);
    cairo_destroy(c);
    cairo_surface_destroy(surface);
    if (status != CAIRO_STATUS_SUCCESS || drawn != CAIRO_STATUS_SUCCESS)
        return tl::unexpected(say("the sheets cannot be drawn: {status}",
                                  cairo_status_to_string(drawn != CAIRO_STATUS_SUCCESS ? drawn : status)));
    return pdf;
}

}  // namespace sangre
