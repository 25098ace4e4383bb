#include "shell/why_page.h"

#include <QApplication>
#include <QClipboard>
#include <QContextMenuEvent>
#include <QKeyEvent>
#include <QMenu>
#include <QRegularExpression>

#include "theme/theme.h"
#include "widgets/paragraph.h"
#include "widgets/words.h"

namespace sangre::app {
namespace {

QColor colour_of(Tone tone) {
    switch (tone) {
        case Tone::good:
            return theme().good;
        case Tone::caution:
            return theme().caution;
        case Tone::danger:
            return theme().danger;
        case Tone::heading:
            return theme().muted;
        case Tone::plain:
            break;
    }
    return theme().ink;
}

/// A mark beside the colour, so that the tone does not rest on colour alone.
QString mark_of(Tone tone) {
    switch (tone) {
        case Tone::good:
            return QStringLiteral("✓ ");
        case Tone::caution:
            return QStringLiteral("! ");
        case Tone::danger:
            return QStringLiteral("× ");
        default:
            return {};
    }
}

/// A number and its unit stay on one line.
QString kept_together(QString words) {
    static const QRegularExpression between(QStringLiteral("(?<=\\d) (?=[^\\s\\d]{1,4}(?:[\\s,.;:)]|$))"));
    return words.replace(between, QString(QChar::Nbsp));
}

double padding(bool boxed) { return boxed ? u(7) : 0; }

/// Of the part of a school's box that follows it in the whole plan.
double everywhere_width() { return u(38); }

}  // namespace

WhyPage::WhyPage(Document& document, QWidget* parent) : Canvas(tr("Why"), parent), document_(document) {}

void WhyPage::add(Kind kind, const QString& words, const QColor& colour, const QFont& f, double before,
                  size_t school) {
    const auto text = kept_together(words);
    const auto at = blocks_.size();
    if (at < shown_.size() && shown_[at].layout->text() == text && shown_[at].layout->font() == f) {
        blocks_.push_back({kind, shown_[at].layout, colour, {}, school, shown_[at].laid_width});
    } else {
        auto layout = std::make_shared<QTextLayout>(text, f);
        QTextOption option;
        option.setWrapMode(QTextOption::WordWrap);
        layout->setTextOption(option);
        layout->setCacheEnabled(true);
        blocks_.push_back({kind, std::move(layout), colour, {}, school, 0});
    }
    before_.push_back(before);
}

void WhyPage::show_why(const Why& why, std::vector<Follow> follow) {
    shown_ = std::move(blocks_);
    blocks_.clear(), before_.clear();
    schools_ = why.schools;
    follow_ = std::move(follow), follow_.resize(schools_.size());
    const auto& t = theme();
    if (why.title.empty()) {
        add(Kind::text, tr("Why"), t.ink, face(16, true), 0);
        add(Kind::text,
            tr("Select a load, a rail, a wire, a step or a reading: its arithmetic is shown here."), t.muted,
            face(13), u(4));
    } else {
        const auto title = words_of(why.title);
        add(Kind::text, title.startsWith(tr("Why")) ? title : tell("Why: {title}", title), t.ink,
            face(15, true), 0);
        for (const auto& line : why.lines) {
            const bool heading = line.tone == Tone::heading;
            add(Kind::text, mark_of(line.tone) + words_of(line.text), colour_of(line.tone), face(13, heading),
                heading ? u(10) : u(4));
        }
        for (size_t i = 0; i < schools_.size(); ++i) {
            const auto& s = schools_[i];
            if (i == 0 || s.about != schools_[i - 1].about)
                add(Kind::text, s.about.empty() ? tr("How builders decide this") : words_of(s.about), t.muted,
                    face(13, true), u(14));
            add(Kind::school, words_of(s.name + (s.choice.empty() ? "" : ":  " + s.choice)),
                follow_[i].here || s.followed ? t.ink : t.muted, face(13, s.followed), u(4), i);
        }
        if (!why.caution.empty())
            add(Kind::caution, QStringLiteral("! ") + words_of(why.caution), t.ink, face(13), u(12));
        if (!why.source.empty())
            add(Kind::source, tell("Source: {source}", words_of(why.source)), t.muted, face(11), u(10));
    }
    setAccessibleDescription(words());
    lay_out();
    updateGeometry();
    update();
}

QString WhyPage::words() const {
    QStringList all;
    for (const auto& b : blocks_) all << b.layout->text();
    return all.join(QLatin1Char('\n')).replace(QChar::Nbsp, QLatin1Char(' '));
}

void WhyPage::lay_out() {
    const double left = u(14), width = this->width() - left - u(12);
    double y = u(14);
    for (size_t i = 0; i < blocks_.size(); ++i) {
        auto& b = blocks_[i];
        const double inset = padding(b.kind == Kind::school || b.kind == Kind::caution);
        y += before_[i];
        const double aside = b.kind == Kind::school && follow_[b.school].everywhere ? everywhere_width() : 0;
        const double wide = std::max(width - 2 * inset - aside, 20.0);
        if (b.laid_width != wide) break_lines(*b.layout, wide);
        b.laid_width = wide;
        b.area = QRectF(left, y, width, b.layout->boundingRect().height() + 2 * inset);
        y = b.area.bottom();
    }
    height_ = y + u(12);
    // The source stands at the foot where there is room.
    if (const double spare = height() - height_;
        spare > 0 && !blocks_.empty() && blocks_.back().kind == Kind::source)
        blocks_.back().area.translate(0, spare);
}

QSize WhyPage::sizeHint() const { return {u(200), static_cast<int>(std::ceil(height_))}; }

void WhyPage::resizeEvent(QResizeEvent* e) {
    Canvas::resizeEvent(e);
    const double before = height_;
    lay_out();
    if (before == height_) return;
    updateGeometry();
    // What is around hears of that only after the first painting; as high as this it will be.
    if (const int wanted = sizeHint().height(); wanted > height()) resize(width(), wanted);
}

void WhyPage::paint(QPainter& p) {
    for (size_t i = 0; i < blocks_.size(); ++i) {
        const auto& b = blocks_[i];
        if (b.kind == Kind::school) {
            const auto& s = schools_[b.school];
            Spot spot{b.area, QStringLiteral("school %1").arg(b.school), words_of(s.purpose), {}, {}};
            if (const auto& here = follow_[b.school].here)
                spot.activate = [this, s, here] {
                    document_.apply(here, tell("Follow “{school}”", words_of(s.name)));
                };
            else
                spot.cursor = Qt::ArrowCursor;
            add_spot(spot);
        }
        paint_block(p, i);
        if (b.kind == Kind::school && follow_[b.school].everywhere) paint_everywhere(p, b);
    }
}

void WhyPage::paint_block(QPainter& p, size_t block) {
    const auto& t = theme();
    const auto& b = blocks_[block];
    const bool boxed = b.kind == Kind::school || b.kind == Kind::caution;
    QColor edge = t.heat_soft, ground = t.paper;
    if (b.kind == Kind::school) {
        const auto& s = schools_[b.school];
        const bool pointed_at =
            follow_[b.school].here && hovered() == QStringLiteral("school %1").arg(b.school);
        edge = s.followed || pointed_at ? t.accent : t.line;
        ground = s.followed ? t.accent_soft : t.paper;
    }
    const auto shows =
        QStringList{b.layout->text(), b.layout->font().key(), b.colour.name(),
                    edge.name(),      ground.name(),          boxed ? QStringLiteral("boxed") : QString()};
    stamp(p, b.area, QString::number(block), shows.join('\n'), [&](QPainter& to) {
        if (boxed) {
            to.setPen(QPen(edge, 1));
            to.setBrush(ground);
            to.drawRoundedRect(b.area.adjusted(0.5, 0.5, -0.5, -0.5), 6, 6);
        }
        to.setPen(b.colour);
        b.layout->draw(&to, b.area.topLeft() + QPointF(padding(boxed), padding(boxed)));
    });
}

void WhyPage::paint_everywhere(QPainter& p, const Block& b) {
    const auto& s = schools_[b.school];
    const QRectF area(b.area.right() - everywhere_width(), b.area.top(), everywhere_width(), b.area.height());
    const auto key = QStringLiteral("everywhere %1").arg(b.school);
    p.setPen(QPen(theme().line, 1));
    p.drawLine(area.topLeft() + QPointF(0, u(5)), area.bottomLeft() - QPointF(0, u(5)));
    text(p, area, tr("all"), theme().accent, face(12, hovered() == key), Qt::AlignCenter);
    add_spot({area,
              key,
              tell("“{school}” in the whole plan, and from now on", words_of(s.name)),
              [this, s, all = follow_[b.school].everywhere] {
                  document_.apply(all, tell("Follow “{school}” everywhere", words_of(s.name)));
              },
              {}});
}

void WhyPage::copy() const { QApplication::clipboard()->setText(words()); }

void WhyPage::keyPressEvent(QKeyEvent* e) {
    if (e->matches(QKeySequence::Copy)) return copy();
    Canvas::keyPressEvent(e);
}

void WhyPage::contextMenuEvent(QContextMenuEvent* e) {
    QMenu menu(this);
    connect(menu.addAction(tr("Copy")), &QAction::triggered, this, [this] { copy(); });
    menu.exec(e->globalPos());
}

}  // namespace sangre::app
