// Drawings into files: one SVG a sheet, or one PDF of all of them.
#include "drawings.h"

#include <fmt/format.h>

#include <filesystem>

#include "base/files/safe_write.h"
#include "output/book/book.h"
#include "output/diagram/drill_template.h"
#include "output/diagram/labels.h"
#include "output/diagram/lead_sheets.h"
#include "output/diagram/machine_sheets.h"
#include "output/files/diagram_svg.h"
#include "output/files/plan_file.h"
#include "output/files/sheets_pdf.h"
#include "plan/plan_pictures.h"
#include "rules/study.h"

namespace sangre::cli {
namespace {

/// FILE.svg, or FILE-1.svg and so on; all in one where it ends in .pdf.
int write_sheets(const std::vector<DiagramSheet>& sheets, const Options& o, const Plan& plan,
                 const char* nothing = "nothing is wired yet; propose wires it") {
    if (sheets.empty()) throw CannotRead{fmt::format("{}: {}", o.file, nothing)};
    const std::filesystem::path out(o.output);
    if (out.extension() == ".pdf") {
        const auto pdf = sheets_to_pdf(sheets, plan.name, data_directory());
        if (!pdf) throw CannotRead{pdf.error()};
        if (const auto written = write_whole(*pdf, out); !written) throw CannotRead{written.error()};
        fmt::print("{}\n", out.string());
        return 0;
    }
    for (size_t i = 0; i < sheets.size(); ++i) {
        auto file = out;
        if (sheets.size() > 1)
            file.replace_filename(
                fmt::format("{}-{}{}", out.stem().string(), i + 1, out.extension().string()));
        if (const auto written = write_whole(diagram_to_svg(sheets[i]), file); !written)
            throw CannotRead{written.error()};
        fmt::print("{}\n", file.string());
    }
    return 0;
}

using Sheets = std::vector<DiagramSheet> (*)(const Plan&, const Catalogue&, const Study&);

int run_drawing(const Options& o, Sheets sheets, const char* nothing) {
    check_output(o.output, {".svg", ".pdf"}, o.file, "a drawing");
    const auto plan = plan_of(o);
    const auto parts = catalogue();
    const auto s = study(plan, parts, {});
    return write_sheets(sheets(plan, parts, s), o, plan, nothing);
}

int run_book(const Options& o) {
    check_output(o.output, {".pdf", ".html", ".htm"}, o.file, "a book");
    const auto plan = plan_of(o);
    const auto parts = catalogue();
    const auto s = study(plan, parts, {});
    const std::filesystem::path out(o.output);
    if (s.steps().empty()) throw CannotRead{o.file + ": nothing is wired yet; propose wires it"};
    const auto beside = [&](const std::string& name) -> std::optional<std::string> {
        if (!names_a_file_beside(name)) return {};
        auto bytes = read_text(std::filesystem::path(o.file).parent_path() / name);
        return bytes ? std::optional(std::move(*bytes)) : std::nullopt;
    };
    if (out.extension() == ".html" || out.extension() == ".htm") {
        if (const auto written = write_whole(book_html(plan, parts, s, beside), out); !written)
            throw CannotRead{written.error()};
        fmt::print("{}\n", out.string());
        return 0;
    }
    return write_sheets(book_sheets(plan, parts, s), o, plan);
}

}  // namespace

void add_drawings(CLI::App& app, Options& o, std::function<int()>& asked) {
    struct Drawing {
        const char* name;
        const char* what;
        Sheets sheets;
        const char* nothing;
    };
    static const Drawing drawings[] = {
        {"diagram", "the wiring diagram",
         [](const Plan& p, const Catalogue& c, const Study& s) {
             return draw_diagram(p, c, s.harness).sheets;
         },
         "nothing is wired yet; propose wires it"},
        {"labels", "labels for both ends of every wire",
         [](const Plan& p, const Catalogue&, const Study& s) {
             return label_sheets(wire_labels(p, s.harness));
         },
         "nothing is wired yet; propose wires it"},
        {"template", "every opening at its true size, to drill by",
         [](const Plan& p, const Catalogue& c, const Study& s) {
             return drill_sheets(drill_holes(p, c, s.harness));
         },
         "there is nothing to drill: no opening's width is known"},
        {"machine", "the machine with its ways and what is on them",
         [](const Plan& p, const Catalogue&, const Study& s) { return machine_sheets(p, s); },
         "no places are known yet"},
        {"sections", "what goes through each opening, in section",
         [](const Plan& p, const Catalogue& c, const Study& s) { return section_sheets(p, c, s); },
         "nothing goes through an opening"},
        {"cards", "a cutting card for each lead",
         [](const Plan& p, const Catalogue& c, const Study& s) { return lead_sheets(p, c, s); },
         "nothing is wired yet; propose wires it"}};
    auto* book = app.add_subcommand(
        "book", "the build book: cautions, lists, every step with its drawing, readings, diagram, labels");
    book->add_option("PLAN", o.file, "a plan file")->required();
    book->add_option("-o,--output", o.output, "the file to write: FILE.pdf, or FILE.html for a phone")
        ->required();
    book->callback([&o, &asked] { asked = [&o] { return run_book(o); }; });
    for (const auto& d : drawings) {
        auto* command = app.add_subcommand(d.name, std::string(d.what) + ", as SVG or PDF");
        command->add_option("PLAN", o.file, "a plan file")->required();
        command->add_option("-o,--output", o.output, "the file to write: FILE.svg, one a sheet, or FILE.pdf")
            ->required();
        command->callback(
            [&o, &asked, &d] { asked = [&o, &d] { return run_drawing(o, d.sheets, d.nothing); }; });
    }
}

}  // namespace sangre::cli
