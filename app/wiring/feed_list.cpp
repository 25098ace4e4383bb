#include "wiring/feed_list.h"

#include <QKeyEvent>
#include <QMenu>
#include <QMouseEvent>

#include "physics/parts/wire_size.h"
#include "proposal/size_steps.h"
#include "widgets/words.h"

namespace sangre::app {
namespace {

QString outcome(const Fault& f) {
    switch (f.outcome) {
        case FaultOutcome::opens:
            return tell("opens in {time}", said(f.time));
        case FaultOutcome::hurts:
            return tell("wire {wire} first", said(f.wire));
        case FaultOutcome::never_opens:
            return FeedList::tr("never opens");
        case FaultOutcome::limited:
            return FeedList::tr("source limits it");
        case FaultOutcome::unknown:
            break;
    }
    return QStringLiteral("—");
}

}  // namespace

FeedList::FeedList(Document& document, QWidget* parent) : Canvas(tr("Feeds"), parent), document_(document) {
    connect(&document_, &Document::changed, this, &Canvas::fit_height);
    connect(&document_, &Document::selection_changed, this, [this] { update(); });
    fit_height();
}

QSize FeedList::sizeHint() const {
    return {u(720), u(22) + std::max<int>(u(80), static_cast<int>(document_.plan().feeds().size()) * u(26))};
}

FeedList::Columns FeedList::columns() const {
    const double w = width();
    return {w * 0.295, w * 0.375, w * 0.52, w * 0.60, w * 0.735, w * 0.865, w - 2};
}

QRectF FeedList::row(size_t i) const {
    return {0, u(20) + static_cast<double>(i) * u(26), width() - 2.0, static_cast<double>(u(24))};
}

void FeedList::paint(QPainter& p) {
    const auto& t = theme();
    const auto& feeds = document_.plan().feeds();
    if (feeds.empty()) {
        card(p, QRectF(0, 0, width() - u(2), u(72)));
        text(p, QRectF(u(14), u(10), width() - u(28), u(26)), tr("No feeds yet."), t.ink, face(15, true));
        text(p, QRectF(u(14), u(38), width() - u(28), u(20)),
             tr("Propose (Ctrl+Enter) gives every load a fuse and a wire."), t.muted, face(13));
        return;
    }
    const auto c = columns();
    // Each says what its word means here.
    const auto head = [&](double x, const QString& words, const QString& meaning) {
        const QRectF area(x, 0, std::min<double>(text_width(words, face(11)) + u(4), u(130)), u(18));
        text(p, QRectF(x, 0, u(130), u(18)), words, t.muted, face(11));
        add_spot({area,
                  "head:" + words,
                  words + QStringLiteral(": ") + meaning,
                  {},
                  {},
                  Qt::WhatsThisCursor,
                  false});
    };
    head(u(12), tr("Feed"), tr("a lead's supply and return, from what gives to what takes"));
    head(c.fuse, tr("Fuse"),
         tr("the fuse that opens before the wire is damaged; it protects the wire, not the load"));
    head(c.wire, tr("Wire"), tr("the size of each conductor, and its colours"));
    head(c.length, tr("Length"), tr("one way, along the path; “?” where it is a guess"));
    head(c.drop, tr("Drop"), tr("worst-case voltage drop of the lead, out and back, in per cent"));
    head(c.warm, tr("Warmest"), tr("the wire's temperature against its insulation's rating"));
    head(c.fault, tr("Short at its end"),
         tr("If + and − touched here: how fast a fuse opens, or that the source cannot open one"));
    for (size_t i = 0; i < feeds.size(); ++i) paint_row(p, i);
}

void FeedList::paint_bar(QPainter& p, const QRectF& area, double share, Tone tone, const QString& words) {
    const auto& t = theme();
    const QRectF bar(area.left(), area.center().y() - u(3), area.width() - u(58), u(6));
    p.setPen(Qt::NoPen);
    p.setBrush(t.sunken);
    p.drawRoundedRect(bar, 3, 3);
    p.setBrush(tone == Tone::danger ? t.danger : tone == Tone::caution ? t.caution : t.good);
    p.drawRoundedRect(
        QRectF(bar.left(), bar.top(), std::max(3.0, bar.width() * std::clamp(share, 0.0, 1.0)), bar.height()),
        3, 3);
    const QString mark = tone == Tone::danger    ? QStringLiteral("× ")
                         : tone == Tone::caution ? QStringLiteral("! ")
                                                 : QString();
    text(p, QRectF(bar.right() + u(4), area.top(), u(54), area.height()), mark + words,
         tone == Tone::good      ? t.ink
         : tone == Tone::caution ? t.caution
                                 : t.danger,
         face(11), Qt::AlignRight | Qt::AlignVCenter);
}

void FeedList::paint_row(QPainter& p, size_t i) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    const auto& feed = plan.feeds()[i];
    const auto& s = document_.study();
    const auto& protection = s.protection[i];
    const auto& worst = s.worst.feeds[i];
    const auto area = row(i);
    const auto c = columns();
    const auto key = QString::fromStdString(feed.id);
    const auto name = QString::fromStdString(feed_name(plan, feed));
    const bool own = protection.family && !protection.inherited;
    card(p, area, document_.selects(feed.id));
    const auto pick = [this, id = feed.id] { document_.select(id); };
    const auto size = protection.wire ? words_of(size_words(*protection.wire)) : tr("choose");
    auto& whole = add_spot({area, "feed:" + key, name, pick, {}});
    whole.selected = document_.selects(feed.id);
    QStringList figures{own ? tell("fuse {rating}", said(protection.rating)) : tr("no fuse of its own"), size,
                        said(s.harness.routes[i].length),
                        tell("drop {drop_share}", words_of(format_percent(worst.drop_share)))};
    if (protection.insulation)
        figures << tell("{warm} of {limit}", said(protection.warmest), said(protection.insulation->max));
    figures << tell("short at its end: {outcome}", outcome(protection.fault));
    whole.value = figures.join(QStringLiteral(", "));
    text(p, QRectF(u(12), area.top(), c.fuse - u(16), area.height()), name, t.ink, face(13, true));

    const QRectF pill(c.fuse, area.top() + u(3), u(56), area.height() - u(6));
    const bool bad = own && (!protection.protects || !protection.carries);
    p.setPen(QPen(bad ? t.danger : own ? t.accent : t.line, bad ? 2 : 1, own ? Qt::SolidLine : Qt::DashLine));
    p.setBrush(t.card);
    p.drawRoundedRect(pill, pill.height() / 2, pill.height() / 2);
    text(p, pill, own ? said(protection.rating) : tr("none"),
         bad   ? t.danger
         : own ? t.accent
               : t.muted,
         face(12, own), Qt::AlignCenter);
    add_spot({pill,
              "fuse:" + key,
              own ? tell("{family}: choose another", words_of(protection.family->name)) : tr("Choose a fuse"),
              [this, pick, i, pill] {
                  pick();
                  QMenu menu(this);
                  fill_fuse_menu(menu, i);
                  menu.exec(mapToGlobal(pill.bottomLeft().toPoint()));
              },
              {},
              Qt::PointingHandCursor,
              true,
              tell("Fuse of {name}", name),
              own ? said(protection.rating) : tr("none")});

    const QRectF wire(c.wire, area.top(), c.length - c.wire - u(6), area.height());
    const double d = u(11);
    p.setPen(QPen(t.muted, 1));
    p.setBrush(wire_colour(QString::fromStdString(feed.supply_colour)));
    p.drawEllipse(QRectF(wire.left(), wire.center().y() - d / 2, d, d));
    if (feed.ret == Return::own) {
        p.setBrush(wire_colour(QString::fromStdString(feed.return_colour)));
        p.drawEllipse(QRectF(wire.left() + d + 2, wire.center().y() - d / 2, d, d));
    }
    text(p, wire.adjusted(2 * d + u(8), 0, 0, 0), size, t.ink, face(13));
    add_spot({wire,
              "wire:" + key,
              tell("{wire} and {colour}. Choose another size", words_of(sangre::said(feed.supply_colour)),
                   words_of(sangre::said(feed.return_colour))),
              [this, pick, i, wire] {
                  pick();
                  QMenu menu(this);
                  fill_wire_menu(menu, i);
                  menu.exec(mapToGlobal(wire.bottomLeft().toPoint()));
              },
              {},
              Qt::PointingHandCursor,
              true,
              tell("Wire of {name}", name),
              size});

    const QRectF length(c.length, area.top(), c.drop - c.length - u(8), area.height());
    const auto& route = s.harness.routes[i];
    text(p, length,
         said(route.length) + (route.basis == LengthBasis::guessed ? QStringLiteral(" ?") : QString()),
         route.basis == LengthBasis::guessed ? t.caution : t.ink, face(13));
    add_spot({length,
              "length:" + key,
              route.basis == LengthBasis::measured ? tr("Measured. Type another, such as 0.9 m or 2*0.4m+10%")
              : route.basis == LengthBasis::routed ? tr("From the route. Type one to overrule it")
                                                   : tr("A guess. Measure it and type it"),
              [this, i] { edit_length(i); },
              {},
              Qt::IBeamCursor,
              true,
              tell("Length of {phases}", name),
              said(route.length)});

    const double limit = plan.practices.drop_limit;
    paint_bar(p, QRectF(c.drop, area.top(), c.warm - c.drop - u(10), area.height()),
              worst.drop_share / limit / 1.25, worst.drop_share > limit ? Tone::caution : Tone::good,
              QString::fromStdString(format_percent(worst.drop_share)));
    if (protection.insulation)
        paint_bar(p, QRectF(c.warm, area.top(), c.fault - c.warm - u(10), area.height()),
                  raw(protection.warmest) / raw(protection.insulation->max),
                  protection.warmest > protection.insulation->max ? Tone::danger : Tone::good,
                  said(protection.warmest));
    const bool sound =
        protection.fault.outcome == FaultOutcome::opens || protection.fault.outcome == FaultOutcome::limited;
    text(p, QRectF(c.fault, area.top(), c.end - c.fault - u(4), area.height()), outcome(protection.fault),
         sound ? t.ink : t.danger, face(12, !sound));
}

void FeedList::fill_fuse_menu(QMenu& menu, size_t i) {
    const auto& p = document_.study().protection[i];
    const auto id = document_.plan().feeds()[i].id;
    const auto fitting = suitable_families(document_.catalogue(), p.need,
                                           p.family ? std::vector<Id>{p.family->id} : std::vector<Id>());
    int shown = 0;
    for (const auto* family : fitting) {
        if (++shown > 3) break;
        menu.addSection(words_of(family->name));
        for (const auto rating : family->ratings) {
            if (rating < p.need.continuous * 0.5 || rating > p.ampacity * 2 ||
                !suits(*family, rating, p.need))
                continue;
            const bool carrying = carries(*family, rating, p.need);
            const bool protecting =
                p.thermal && protects(*family, rating, *p.thermal, *p.insulation, p.warm, p.fault.current);
            const QString words = !carrying     ? tr("opens in normal use")
                                  : !protecting ? tr("does not protect the wire")
                                                : tr("carries and protects");
            auto* a = menu.addAction(said(rating) + QStringLiteral("\t") + words, [this, id, family, rating] {
                document_.apply([=, f = family->id](const Plan& q) { return set_fuse(q, id, f, rating); },
                                tell("Fit a {rating} fuse", said(rating)));
            });
            a->setCheckable(true);
            a->setChecked(p.family == family && p.rating == rating);
        }
    }
    if (menu.isEmpty()) menu.addAction(tr("No fuse of the catalogue suits here"))->setEnabled(false);
}

void FeedList::fill_wire_menu(QMenu& menu, size_t i) {
    const auto& feed = document_.plan().feeds()[i];
    const auto* fitted = sangre::find(document_.catalogue().wires, feed.wire);
    const Id insulation = fitted ? fitted->insulation : document_.plan().practices.wire_insulation;
    const bool metric = fitted ? fitted->metric : document_.plan().practices.metric;
    for (const auto& w : document_.catalogue().wires) {
        if (w.insulation != insulation || w.metric != metric) continue;
        auto* a = menu.addAction(menu_words(QString::fromStdString(size_words(w))),
                                 [this, id = feed.id, to = w.id, words = w.size] {
                                     document_.apply([=](const Plan& q) { return set_wire(q, id, to); },
                                                     tell("Use {words}", QString::fromStdString(words)));
                                 });
        a->setCheckable(true);
        a->setChecked(w.id == feed.wire);
    }
    menu.addSeparator();
    auto* others = menu.addMenu(tr("Other insulation"));
    for (const auto& k : document_.catalogue().insulations) {
        if (k.id == insulation || !fitted) continue;
        for (const auto& w : document_.catalogue().wires)
            if (w.insulation == k.id && w.area == fitted->area && w.metric == metric)
                others->addAction(menu_words(words_of(k.name)), [this, id = feed.id, to = w.id] {
                    document_.apply([=](const Plan& q) { return set_wire(q, id, to); },
                                    tr("Change insulation"));
                });
    }
}

void FeedList::edit_length(size_t i) {
    const auto& feed = document_.plan().feeds()[i];
    document_.select(feed.id);
    const auto c = columns();
    const auto area = row(i);
    edit_value_at(QRectF(c.length, area.top(), u(120), area.height()),
                  QString::number(raw(document_.study().harness.routes[i].length)) + " m", Dimension::length,
                  "m", [this, id = feed.id](double metres) -> QString {
                      if (metres <= 0) return tr("A length above zero is expected, such as 0.9 m.");
                      if (metres > 100) return tr("100 m is the longest feed.");
                      close_editor();
                      document_.apply(
                          [id, metres](const Plan& p) { return set_length(p, id, Metre(metres)); },
                          tr("Measure a length"));
                      return {};
                  });
}

std::function<Plan(const Plan&, int)> FeedList::stepping(const QString& spot) const {
    const Id feed = spot.section(':', 1).toStdString();
    const auto& feeds = document_.plan().feeds();
    const auto* f = by_id(feeds, feed);
    if (!f) return {};
    const auto& catalogue = document_.catalogue();
    if (spot.startsWith(QLatin1String("fuse:")))
        return [feed, &catalogue](const Plan& p, int steps) { return step_fuse(p, catalogue, feed, steps); };
    if (spot.startsWith(QLatin1String("wire:")))
        return [feed, &catalogue](const Plan& p, int steps) { return step_wire(p, catalogue, feed, steps); };
    if (spot.startsWith(QLatin1String("length:"))) {
        const auto now = document_.study().harness.routes[static_cast<size_t>(f - feeds.data())].length;
        return [feed, now](const Plan& p, int steps) { return step_length(p, feed, now, steps); };
    }
    return {};
}

void FeedList::step(const QString& spot, int steps, int gesture) {
    if (const auto by = stepping(spot))
        document_.apply_within(
            gesture, [by, steps](const Plan& p) { return by(p, steps); }, tr("Another size"));
}

void FeedList::mousePressEvent(QMouseEvent* e) {
    const auto* s = e->button() == Qt::LeftButton ? spot_at(e->position()) : nullptr;
    if (s && (stepping_ = stepping(s->key))) {
        // A press may be the start of a drag; a click is what it is once the button is up again.
        dragged_ = s->key, drag_from_ = e->position(), moved_ = false, gesture_ = document_.new_gesture();
        return;
    }
    Canvas::mousePressEvent(e);
}

void FeedList::mouseMoveEvent(QMouseEvent* e) {
    if (dragged_.isEmpty() || !(e->buttons() & Qt::LeftButton)) return Canvas::mouseMoveEvent(e);
    const int steps = static_cast<int>(std::lround((drag_from_.y() - e->position().y()) / u(14)));
    if (steps == 0 && !moved_) return;
    moved_ = true;
    setCursor(Qt::SizeVerCursor);
    document_.apply_within(
        gesture_, [by = stepping_, steps](const Plan& p) { return by(p, steps); }, tr("Another size"));
}

void FeedList::mouseReleaseEvent(QMouseEvent* e) {
    const auto dragged = std::exchange(dragged_, {});
    if (dragged.isEmpty()) return Canvas::mouseReleaseEvent(e);
    if (!moved_) Canvas::mousePressEvent(e);
}

void FeedList::wheelEvent(QWheelEvent* e) {
    const auto* s = (e->modifiers() & Qt::ControlModifier) ? spot_at(e->position()) : nullptr;
    if (!s || !stepping(s->key)) return Canvas::wheelEvent(e);
    step(s->key, e->angleDelta().y() > 0 ? 1 : -1, document_.new_gesture());
    e->accept();
}

void FeedList::keyPressEvent(QKeyEvent* e) {
    const bool up = e->key() == Qt::Key_Plus, down = e->key() == Qt::Key_Minus;
    if ((up || down) && stepping(focused_spot()))
        return step(focused_spot(), up ? 1 : -1, document_.new_gesture());
    Canvas::keyPressEvent(e);
}

}  // namespace sangre::app
