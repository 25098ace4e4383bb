#include "bench/bench_station.h"

#include <QApplication>
#include <QClipboard>
#include <QKeyEvent>
#include <QScrollBar>
#include <QVBoxLayout>

#include "widgets/canvas_access.h"
#include "widgets/heading.h"
#include "widgets/scrolled.h"
#include "widgets/words.h"

namespace sangre::app {
namespace {

QString unit_of(ReadingUnit unit) {
    switch (unit) {
        case ReadingUnit::ohm:
            return QStringLiteral("Ω");
        case ReadingUnit::volt:
            return QStringLiteral("V DC");
        case ReadingUnit::ampere:
            return QStringLiteral("A DC");
    }
    return {};
}

}  // namespace

bool ReadingList::narrow() const { return width() < u(680); }

double ReadingList::reading_height() const { return narrow() ? u(52) : u(30); }

void ReadingList::resizeEvent(QResizeEvent* e) {
    Canvas::resizeEvent(e);
    setMinimumHeight(minimumSizeHint().height());
}

ReadingList::ReadingList(Document& document, QWidget* parent)
    : Canvas(tr("Readings"), parent), document_(document) {}

QSize ReadingList::minimumSizeHint() const {
    return {u(440),
            std::max<int>(u(90), static_cast<int>(static_cast<double>(document_.study().readings().size()) *
                                                  reading_height()) +
                                     u(72))};
}

void ReadingList::set_current(const std::string& key) {
    current_ = key;
    setMinimumHeight(minimumSizeHint().height());
    update();
}

double ReadingList::row_top(const std::string& key) const {
    double y = u(32);
    bool live = false;
    for (const auto& r : document_.study().readings()) {
        if (r.live && !live) live = true, y += u(32);
        if (r.key == key) return y;
        y += reading_height();
    }
    return 0;
}

void ReadingList::paint(QPainter& p) {
    const auto& t = theme();
    card(p, QRectF(0, 0, width() - 1, height() - 1));
    const auto& readings = document_.study().readings();
    if (readings.empty()) {
        text(p, QRectF(u(16), u(14), width() - u(32), u(26)), tr("Nothing to measure yet."), t.ink,
             face(16, true));
        text(p, QRectF(u(16), u(42), width() - u(32), u(20)),
             tr("Readings follow from a wired plan: press Propose (Ctrl+Enter)."), t.muted, face(13));
        return;
    }
    double y = u(4);
    int number = 0;
    const auto section = [&](const QString& words) {
        text(p, QRectF(u(14), y, width() - u(28), u(24)), words, t.muted, face(13, true));
        p.setPen(t.line);
        p.drawLine(QPointF(u(14), y + u(25)), QPointF(width() - u(14), y + u(25)));
        y += u(28);
    };
    section(tr("Power off, battery out: shorts and continuity"));
    bool live = false;
    for (const auto& r : readings) {
        if (r.live && !live) {
            live = true;
            y += u(4);
            section(tr("Power on, through the test lead"));
        }
        const QRectF area(u(6), y, width() - u(13), reading_height() - 1);
        ++number;
        if (exposed(area)) paint_row(p, r, number, area);
        add_spot({area,
                  "reading:" + words_of(r.key),
                  tell("{title}, {state}\nred on {red}, black on {black}", r.title, r.state, r.red, r.black),
                  [this, key = words_of(r.key)] { emit chosen(key); },
                  {}});
        y += reading_height();
    }
}

void ReadingList::paint_row(QPainter& p, const Reading& r, int number, const QRectF& area) {
    const auto& t = theme();
    const double y = area.top();
    const bool here = r.key == current_;
    if (here) card(p, area, true);
    const auto measured = document_.plan().measured.find(r.key);
    // On two lines where the list is too narrow for its columns: what is read, then how.
    const double tall = reading_height(), first = narrow() ? u(22) : tall, second = narrow() ? y + u(21) : y,
                 rest = narrow() ? tall - u(23) : tall;
    text(p, QRectF(u(8), y, u(28), first), QString::number(number), t.muted, face(12),
         Qt::AlignRight | Qt::AlignVCenter);
    const double value_left = width() - u(104),
                 window_left = narrow() ? width() - u(126) : value_left - u(118),
                 state_left = narrow() ? u(44) : width() * 0.385;
    text(p, QRectF(u(44), y, (narrow() ? value_left : state_left) - u(50), first), words_of(r.title), t.ink,
         face(13, here));
    text(p, QRectF(state_left, second, window_left - state_left - u(6), rest), words_of(r.state), t.muted,
         face(11));
    text(p, QRectF(window_left, second, u(114), rest), words_of(window_text(r)), t.muted, face(12),
         Qt::AlignRight | Qt::AlignVCenter);
    if (measured != document_.plan().measured.end()) {
        const auto verdict = judge(r, measured->second);
        const bool fails = outside(verdict);
        text(p, QRectF(value_left, y, u(70), first), words_of(value_text(r, measured->second)),
             fails ? t.danger : t.ink, face(13, true), Qt::AlignRight | Qt::AlignVCenter);
        text(p, QRectF(width() - u(30), y, u(20), first),
             fails                      ? QStringLiteral("×")
             : verdict == Verdict::pass ? QStringLiteral("✓")
                                        : QStringLiteral("?"),
             fails                      ? t.danger
             : verdict == Verdict::pass ? t.good
                                        : t.muted,
             face(15, true), Qt::AlignCenter);
    } else
        text(p, QRectF(value_left, y, u(70), first), QStringLiteral("—"), t.muted, face(13),
             Qt::AlignRight | Qt::AlignVCenter);
}

BenchStation::BenchStation(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    const auto& t = theme();
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(u(18), u(12), u(14), u(8));
    column->setSpacing(u(6));
    auto* heading =
        new Heading(tr("Test it before it runs"),
                    tr("Power off first: shorts and continuity. Then volts, one switch at a time."), this);
    heading->say_next(document_, Stage::bench);
    column->addWidget(heading);
    auto* row = new QHBoxLayout;
    row->setSpacing(u(10));
    list_ = new ReadingList(document_, this);
    list_->setObjectName("drawing");
    area_ = scrolled(list_, this, true);
    row->addWidget(area_, 1);
    // Meter, verdict and suspects are scrolled to where large text leaves no room for all of them.
    auto* beside = new QWidget(this);
    auto* side = new QVBoxLayout(beside);
    side->setContentsMargins(0, 0, 0, 0);
    auto* meter = new QWidget(this);
    meter->setObjectName("meter");
    meter->setFixedWidth(u(252));
    const auto ink = t.meter_ink.name();
    meter->setStyleSheet(QStringLiteral("QWidget#meter{background:%1;border-radius:8px} QWidget#meter "
                                        "QLabel{color:%2;background:transparent;font-size:%3px}")
                             .arg(t.meter.name(), ink)
                             .arg(u(13)));
    auto* face = new QVBoxLayout(meter);
    face->setContentsMargins(u(14), u(10), u(14), u(14));
    window_ = new QLabel(meter);
    face->addWidget(window_);
    field_ = new QLineEdit(meter);
    field_->setAccessibleName(tr("What the meter shows"));
    field_->setAlignment(Qt::AlignRight);
    field_->setPlaceholderText(QStringLiteral("—"));
    field_->setToolTip(tr("Type what the meter shows: 12.2, 80 mA, 38k; “open” or OL for an open circuit"));
    field_->setStyleSheet(
        QStringLiteral("QLineEdit{background:transparent;color:%1;border:none;border-bottom:2px solid "
                       "%2;font-size:%3px;font-weight:700;padding:2px;selection-background-color:%2}")
            .arg(ink, t.flow.name())
            .arg(u(44)));
    face->addWidget(field_);
    unit_ = new QLabel(meter);
    unit_->setAlignment(Qt::AlignRight);
    face->addWidget(unit_);
    where_ = new QLabel(meter);
    where_->setWordWrap(true);
    face->addWidget(where_);
    auto* record_button = new QPushButton(tr("Record  (Enter)"), meter);
    record_button->setProperty("primary", true);
    face->addWidget(record_button);
    side->addWidget(meter);
    verdict_ = new QLabel(this);
    verdict_->setWordWrap(true);
    verdict_->setFixedWidth(u(252));
    side->addWidget(verdict_);
    suspects_ = new QLabel(this);
    suspects_->setWordWrap(true);
    suspects_->setFixedWidth(u(252));
    side->addWidget(suspects_);
    side->addStretch(1);
    auto* side_area = scrolled(beside, this);
    side_area->setFixedWidth(u(252) + side_area->verticalScrollBar()->sizeHint().width());
    row->addWidget(side_area);
    column->addLayout(row, 1);
    connect(record_button, &QPushButton::clicked, this, &BenchStation::record);
    connect(field_, &QLineEdit::returnPressed, this, &BenchStation::record);
    field_->installEventFilter(this);
    connect(list_, &ReadingList::chosen, this, [this](const QString& key) { go_to(key.toStdString()); });
    const auto renew = [this] {
        if (isVisible()) refresh();
    };
    connect(&document_, &Document::changed, this, renew);
    connect(&document_, &Document::file_changed, this, renew);
}

void BenchStation::showEvent(QShowEvent* e) {
    QWidget::showEvent(e);
    refresh();
}

const Reading* BenchStation::current() const {
    for (const auto& r : document_.study().readings())
        if (r.key == key_) return &r;
    return nullptr;
}

void BenchStation::go_to(const std::string& key) {
    key_ = key;
    document_.select(key);
    field_->clear();
    refresh();
    field_->setFocus();
}

void BenchStation::refresh() {
    const auto& readings = document_.study().readings();
    if (!current()) key_ = document_.selection();
    if (!current()) {
        key_.clear();
        for (const auto& r : readings)
            if (key_.empty() && !document_.plan().measured.contains(r.key)) key_ = r.key;
        if (key_.empty() && !readings.empty()) key_ = readings.front().key;
    }
    list_->set_current(key_);
    area_->ensureVisible(0, static_cast<int>(list_->row_top(key_)) + u(40), 0, u(80));
    const auto* r = current();
    field_->setEnabled(r != nullptr);
    verdict_->clear();
    suspects_->clear();
    window_->setText(r ? tell("expect {window_text}", words_of(window_text(*r))) : tr("nothing to measure"));
    unit_->setText(r ? unit_of(r->unit) : QString());
    where_->setText(r ? tell("red on {red}\nblack on {black}\n{state}", words_of(r->red), words_of(r->black),
                             words_of(r->state))
                      : QString());
    if (!r) return;
    const auto measured = document_.plan().measured.find(r->key);
    if (measured == document_.plan().measured.end()) return;
    const auto verdict = judge(*r, measured->second);
    const bool pass = verdict == Verdict::pass;
    const auto value = words_of(value_text(*r, measured->second));
    if (verdict == Verdict::missing) {
        verdict_->setText(tell("? {value} is noted; the plan has nothing to hold it against.", value));
        verdict_->setStyleSheet(
            QStringLiteral("color:%1;font-size:%2px").arg(theme().muted.name()).arg(u(13)));
        return;
    }
    verdict_->setText(pass                      ? tell("✓ {value} is inside its window.", value)
                      : verdict == Verdict::low ? tell("× {value} is too low.", value)
                                                : tell("× {value} is too high.", value));
    verdict_->setStyleSheet(QStringLiteral("color:%1;font-size:%2px;font-weight:700")
                                .arg((pass ? theme().good : theme().danger).name())
                                .arg(u(14)));
    say_aloud(*verdict_, verdict_->text());
    QStringList list;
    for (const auto& s : suspects(document_.plan(), document_.catalogue(), *r, verdict))
        list << QStringLiteral("%1. %2").arg(list.size() + 1).arg(words_of(s));
    if (!list.isEmpty()) suspects_->setText(tr("Likeliest first:\n") + list.join('\n'));
}

void BenchStation::record() { take({field_->text().trimmed()}); }

/// What the meter showed, for the current reading and those after it, as one change.
void BenchStation::take(const QStringList& shown) {
    const auto* first = current();
    if (!first) return;
    const auto& readings = document_.study().readings();
    auto at = static_cast<size_t>(first - readings.data());
    auto next = document_.plan();
    std::string key = key_, wrong;
    for (const auto& typed : shown) {
        if (at >= readings.size()) {
            wrong = "there are no more readings";
            break;
        }
        const auto& r = readings[at];
        const auto m = read_meter(r, typed.toStdString(), Document::now());
        if (!m) {
            wrong = m.error();
            break;
        }
        next = record_reading(std::move(next), r.key, *m, record_text(r, *m));
        // A reading that passes leads on; one that does not stays, with its suspects.
        const bool on = (shown.size() > 1 || judge(r, *m) == Verdict::pass) && at + 1 < readings.size();
        key = on ? readings[at + 1].key : r.key;
        ++at;
    }
    if (!wrong.empty()) {
        const auto where = shown.size() > 1 && at < readings.size()
                               ? words_of(readings[at].title) + QStringLiteral(": ")
                               : QString();
        verdict_->setText(where + words_of(wrong));
        say_aloud(*verdict_, verdict_->text());
        verdict_->setStyleSheet(
            QStringLiteral("color:%1;font-size:%2px").arg(theme().danger.name()).arg(u(13)));
        return;
    }
    document_.apply([&](const Plan&) { return next; }, shown.size() == 1
                                                           ? tr("Record a reading")
                                                           : tell("Record {count} readings", shown.size()));
    go_to(key);
}

bool BenchStation::eventFilter(QObject* watched, QEvent* e) {
    // Several lines on the clipboard are what the meter showed one after the other.
    if (watched == field_ && e->type() == QEvent::KeyPress &&
        static_cast<QKeyEvent*>(e)->matches(QKeySequence::Paste)) {
        const auto lines = QApplication::clipboard()->text().split(QLatin1Char('\n'), Qt::SkipEmptyParts);
        QStringList shown;
        for (const auto& line : lines)
            if (!line.trimmed().isEmpty()) shown << line.trimmed();
        if (shown.size() > 1) return take(shown), true;
    }
    return QWidget::eventFilter(watched, e);
}

}  // namespace sangre::app
