#include "wiring/joint_panel.h"

#include <QLineEdit>
#include <QMenu>

#include "base/words/say.h"
#include "making/steps/joint_words.h"
#include "output/diagram/joint_shapes.h"
#include "plan/terminal_text.h"
#include "shell/practices_menu.h"
#include "widgets/words.h"
#include "wiring/joint/choose.h"
#include "wiring/joint/pigtail.h"
#include "wiring/shapes.h"

namespace sangre::app {
namespace {

QString joined(const std::vector<Words>& all) {
    QStringList words;
    for (const auto& one : all) words << words_of(one);
    return words.join(QStringLiteral(", "));
}

}  // namespace

JointPanel::JointPanel(Document& document, QWidget* parent)
    : Canvas(tr("Joint"), parent), document_(document) {
    setMinimumHeight(u(184));  // its drawing above four lines of words
    connect(&document_, &Document::changed, this, [this] { update(); });
    connect(&document_, &Document::selection_changed, this, [this] { update(); });
}

std::optional<size_t> JointPanel::feed_of(const Document& document) {
    const auto& feeds = document.plan().feeds();
    for (size_t i = 0; i < feeds.size(); ++i)
        if (feeds[i].id == document.selection()) return i;
    if (const auto into = feeds_into(document.plan(), document.selection()); !into.empty())
        return into.front();
    return feeds.empty() ? std::nullopt : std::optional<size_t>(0);
}

void JointPanel::show_end(bool source) {
    at_source_ = source;
    update();
}

double JointPanel::paint_tabs(QPainter& p, const Lead& feed) {
    const auto& t = theme();
    double x = u(14);
    for (const bool source : {true, false}) {
        const auto words =
            tell("at {part}", words_of(name_of(document_.plan(), source ? feed.from : feed.to)));
        const double w = std::min<double>(text_width(words, face(12, true)) + u(16), (width() - u(40)) / 2.0);
        const QRectF tab(x, u(8), w, u(22));
        p.setPen(QPen(source == at_source_ ? t.accent : t.line, 1));
        p.setBrush(source == at_source_ ? t.accent_soft : t.card);
        p.drawRoundedRect(tab, 5, 5);
        text(p, tab.adjusted(u(6), 0, -u(6), 0), words, t.ink, face(12, source == at_source_),
             Qt::AlignCenter);
        add_spot({tab, source ? "source" : "load", words, [this, source] { show_end(source); }, {}});
        x += w + u(6);
    }
    return u(34);
}

void JointPanel::paint(QPainter& p) {
    const auto& t = theme();
    card(p, QRectF(0, 0, width() - 1, height() - 1));
    const auto at = feed_of(document_);
    if (!at) return;
    const auto& feed = document_.plan().feeds()[*at];
    const double y = paint_tabs(p, feed);
    const auto work = feed_joint(document_.plan(), document_.catalogue(), *at, at_source_);
    const auto title =
        (work ? words_of(work->kind->name) : tr("No joint chosen at this end")) + QStringLiteral("  ▾");
    const double most = width() - u(28) - (work && work->kind->tube ? paint_covering(p, y) : 0);
    const QRectF head(u(14), y, std::min(text_width(title, face(14, true)) + u(6), most), u(22));
    text(p, head, title, work ? t.ink : t.muted, face(14, true));
    add_spot({head,
              "kind",
              tr("Choose another joint"),
              [this, feed = *at, head] {
                  QMenu menu(this);
                  fill_kind_menu(menu, feed);
                  menu.exec(mapToGlobal(head.bottomLeft().toPoint()));
              },
              {}});
    if (!work) return;
    double top = head.bottom();
    QStringList amiss;
    if (const auto lacking = missing_tools_of(*work->kind, document_.plan().practices); !lacking.empty())
        amiss << tell("You have no {list}.", joined(said_each(lacking)));
    if (work->tube_missing)
        amiss << (work->to_buy
                      ? tell("No tube at hand covers it; {to_buy} would.", words_of(work->to_buy->name))
                      : tr("No tube covers it."));
    if (!amiss.isEmpty()) {
        text(p, QRectF(u(14), top, width() - u(28), u(18)), amiss.join(QLatin1Char(' ')), t.danger,
             face(12, true));
        top += u(18);
    }
    // The words take what they need, and the drawing the rest.
    const auto facts = facts_words(*work);
    const QRectF room(u(14), 0, width() - u(28), height());
    const double tall = QFontMetricsF(face(12)).boundingRect(room, Qt::TextWordWrap, facts).height();
    const double bottom = height() - tall - u(6);
    // On a sheet as large as the room, its letters as large as these.
    const double pixels = u(4);
    DiagramSheet sheet;
    draw_joint(sheet, {0, 0}, {(width() - u(36)) / pixels, (bottom - top) / pixels}, *work,
               feed.supply_colour, false);
    p.save();
    p.translate(u(18), top);
    p.scale(pixels, pixels);
    draw_shapes(p, sheet.shapes, false);
    p.restore();
    p.setFont(face(12));
    p.setPen(t.muted);
    const QRectF foot(room.left(), bottom, room.width(), tall);
    p.drawText(foot, Qt::TextWordWrap, facts);
    const auto tools = said_each(tools_of(*work->kind, work->size, document_.plan().practices));
    add_spot({foot, "facts", tell("Tools: {tools}", joined(tools)), {}, {}, Qt::ArrowCursor});
}

double JointPanel::paint_covering(QPainter& p, double y) {
    const auto now = document_.plan().practices.insulation;
    auto words = words_of(covering_name(now)) + QStringLiteral("  ▾");
    words[0] = words[0].toUpper();
    const double wide = text_width(words, face(12, true)) + u(16);
    const QRectF area(width() - u(14) - wide, y, wide, u(22));
    p.setPen(QPen(theme().line, 1));
    p.setBrush(theme().paper);
    p.drawRoundedRect(area, 5, 5);
    text(p, area, words, theme().accent, face(12, true), Qt::AlignCenter);
    add_spot({area,
              "covering",
              tr("What joints are covered with, in the whole plan"),
              [this, area] {
                  QMenu menu(this);
                  fill_coverings(document_, menu);
                  menu.exec(mapToGlobal(area.bottomLeft().toPoint()));
              },
              {}});
    return wide + u(8);
}

QString JointPanel::facts_words(const JointWork& work) const {
    const auto& kind = *work.kind;
    QStringList words;
    const auto& size = work.size;
    const auto tools = joined(said_each(tools_of(kind, size, document_.plan().practices)));
    if (!size.heat.empty())
        words << tell("{heat}{iron| at {degrees}|}, about {dwell}", words_of(heat_words(size)),
                      raw(size.iron) > 0, said(size.iron), said(size.dwell));
    if (work.tube && raw(work.parking) > 0) words << tell("tube parked {parking} off", said(work.parking));
    if (!kind.flux.empty() && kind.flux != kind.solder)
        words << tell("flux: {flux}", words_of(kind.flux))
              << tell("solder: {solder_words}", words_of(solder_words(work)));
    if (kind.heat.empty()) words << tell("with {tools}", tools);
    if (const auto at = feed_of(document_)) {
        const auto& feed = document_.plan().feeds()[*at];
        if (document_.plan().terminals.contains(at_source_ ? feed.from : feed.to))
            words << tell("+ on {landing_sign}, − on {landing_sign_2}",
                          words_of(landing_sign(document_.plan(), feed, {at_source_, false})),
                          words_of(landing_sign(document_.plan(), feed, {at_source_, true})));
    }
    auto tug = words_of(tug_words(work));
    while (tug.endsWith(QLatin1Char('.'))) tug.chop(1);
    words << tell("below {most}", said(work.most)) << tug.left(1).toLower() + tug.mid(1);
    auto line = words.join(QStringLiteral(" · "));
    if (!line.isEmpty()) line[0] = line[0].toUpper();
    return line;
}

void JointPanel::fill_kind_menu(QMenu& menu, size_t feed) {
    const auto& plan = document_.plan();
    const auto& catalogue = document_.catalogue();
    const auto& f = plan.feeds()[feed];
    const auto* now = sangre::find(catalogue.joints, at_source_ ? f.joint_from : f.joint_to);
    const auto end = now ? now->end : usual_end(plan, f, at_source_);
    const auto offer = [&](QMenu& to, const JointKind& k) {
        auto words = words_of(k.name);
        if (const auto lacking = missing_tools_of(k, plan.practices); !lacking.empty())
            words = tell("{joint}  (you have no {tools})", words, joined(said_each(lacking)));
        else if (!takes(k, joint_copper(plan, catalogue, f, at_source_)))
            words = tell("{joint}  (takes {least} to {most})", words, said(k.least), said(k.most));
        auto* a = to.addAction(words, this, [this, id = f.id, kind = k.id, known = &catalogue] {
            document_.apply([=, source = at_source_](
                                const Plan& p) { return set_end_joint(p, *known, id, source, kind); },
                            tr("Choose a joint"));
        });
        a->setCheckable(true);
        a->setChecked(&k == now);
    };
    for (const auto& k : catalogue.joints)
        if (k.end == end) offer(menu, k);
    auto* elsewhere = menu.addMenu(tr("Joined at something else"));
    for (const auto& k : catalogue.joints)
        if (k.end != end) offer(*elsewhere, k);
    fill_joint_schools(document_, *menu.addMenu(tr("In the whole plan")));
    menu.addSeparator();
    for (const bool minus : {false, true})
        if (!minus || f.ret == Return::own) fill_landing_menu(menu, f, {at_source_, minus});
    const auto part = at_source_ ? f.from : f.to;
    menu.addAction(tell("Terminals of {part}…", menu_words(words_of(name_of(plan, part)))), this,
                   [this, part] { edit_terminals(part); });
}

void JointPanel::fill_landing_menu(QMenu& menu, const Lead& feed, LeadEnd end) {
    const auto choices = terminals_for(document_.plan(), feed, end);
    if (choices.empty()) return;
    auto* sub = menu.addMenu(end.minus ? tr("The return lands on") : tr("The supply lands on"));
    const auto* now = lands_on(document_.plan(), feed, end);
    for (const auto* t : choices) {
        auto words = words_of(t->name);
        if (!t->where.empty()) words += QStringLiteral(", ") + words_of(t->where);
        auto* a = sub->addAction(menu_words(words), this, [this, id = feed.id, end, name = t->name] {
            document_.apply([=](const Plan& p) { return land_on(p, id, end, name); },
                            tr("Land a lead on a terminal"));
        });
        a->setCheckable(true);
        a->setChecked(t == now);
    }
}

void JointPanel::edit_terminals(const Id& part) {
    const auto& all = document_.plan().terminals;
    const auto found = all.find(part);
    const auto line = found == all.end() ? std::string() : terminals_line(found->second);
    edit_at(QRectF(u(14), u(36), width() - u(28), u(30)), words_of(line),
            [this, part](const QString& typed) -> QString {
                const auto read = parse_terminals(typed.toStdString());
                if (!read) return words_of(read.error().message);
                close_editor();
                document_.apply([part, t = *read](const Plan& p) { return set_terminals(p, part, t); },
                                tr("Say a part's terminals"));
                return {};
            });
    editor()->setPlaceholderText(tr("V+ screw 2.5 mm, left; GND screw 2.5 mm, middle"));
}

}  // namespace sangre::app
