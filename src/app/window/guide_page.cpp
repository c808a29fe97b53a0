// SPDX-License-Identifier: GPL-3.0-or-later
// The texts are docs/guide, built in with the pictures that they show.
#include "app/window/guide_page.h"

#include <QFile>
#include <QImage>
#include <QLabel>
#include <QScrollBar>
#include <QTextBlock>
#include <QTextBrowser>
#include <QTextCursor>
#include <QVBoxLayout>
#include <algorithm>

#include "app/style/app_style.h"
#include "app/style/sizes.h"

namespace brisk::app {
namespace {

constexpr int kMostWide = 860;  // pixels: longer lines are hard to read

struct Page {
    const char* file;
    const char* title;
};
constexpr Page kPages[] = {
    {"first-shoot", QT_TRANSLATE_NOOP("brisk::app::GuidePage", "Your first shoot")},
    {"by-hand", QT_TRANSLATE_NOOP("brisk::app::GuidePage", "By hand")},
    {"far-cameras", QT_TRANSLATE_NOOP("brisk::app::GuidePage", "Far cameras")},
    {"long-recordings", QT_TRANSLATE_NOOP("brisk::app::GuidePage", "Long recordings")},
    {"exports", QT_TRANSLATE_NOOP("brisk::app::GuidePage", "Exports for editing")},
    {"when-it-says-no", QT_TRANSLATE_NOOP("brisk::app::GuidePage", "When it says no")},
};

QString nameOf(const Page& page) {
    return QString::fromLatin1(page.file);
}

/// Pictures are made as wide as the page, at the screen's own resolution.
void fitPictures(QTextDocument& document, int wide, double pixelRatio) {
    for (QTextBlock b = document.begin(); b.isValid(); b = b.next()) {
        for (auto it = b.begin(); !it.atEnd(); ++it) {
            if (!it.fragment().charFormat().isImageFormat()) continue;
            QTextImageFormat format = it.fragment().charFormat().toImageFormat();
            // Built in, the pictures lie beside the words.
            QImage picture(QStringLiteral(":/guide/") +
                           format.name().section(QLatin1Char('/'), -1));
            picture = picture.scaledToWidth(static_cast<int>(wide * pixelRatio),
                                            Qt::SmoothTransformation);
            picture.setDevicePixelRatio(pixelRatio);
            document.addResource(QTextDocument::ImageResource, QUrl(format.name()), picture);
            format.setWidth(wide);
            QTextCursor at(&document);
            at.setPosition(it.fragment().position());
            at.setPosition(it.fragment().position() + it.fragment().length(),
                           QTextCursor::KeepAnchor);
            at.setCharFormat(format);
            break;
        }
    }
}

/// Headings stand clear of what is before them.
void space(QTextDocument& document) {
    for (QTextBlock b = document.begin(); b.isValid(); b = b.next()) {
        QTextBlockFormat format = b.blockFormat();
        format.setTopMargin(format.headingLevel() > 0 ? scaled(18) : 0);
        format.setBottomMargin(scaled(8));
        QTextCursor(b).setBlockFormat(format);
    }
}

}  // namespace

GuidePage::GuidePage(QWidget* parent) : StagePage(tr("Guide"), Keys::Linked, parent) {
    pages_ = new QLabel(this);
    pages_->setObjectName(QStringLiteral("guidePages"));
    pages_->setWordWrap(true);
    pages_->setTextInteractionFlags(Qt::TextBrowserInteraction);
    pages_->setAccessibleName(tr("Pages of the guide"));
    connect(pages_, &QLabel::linkActivated, this, &GuidePage::open);
    column().addWidget(pages_);
    text_ = new QTextBrowser(this);
    connect(text_, &QTextBrowser::anchorClicked, this,
            [this](const QUrl& link) { open(link.path().section(QLatin1Char('.'), 0, 0)); });
    text_->setFrameShape(QFrame::NoFrame);
    text_->setAccessibleName(tr("Guide"));
    text_->setSearchPaths({QStringLiteral(":/guide")});
    text_->setOpenLinks(false);
    column().addWidget(text_, 1);
    setFocusProxy(text_);
    fill();
}

void GuidePage::open(const QString& page) {
    const auto known = std::any_of(std::begin(kPages), std::end(kPages),
                                   [&](const Page& p) { return nameOf(p) == page; });
    if (!known) return;
    page_ = page;
    fill();
    text_->verticalScrollBar()->setValue(0);
    text_->setFocus();
}

QString GuidePage::pagesLine() const {
    QStringList all;
    for (const Page& p : kPages) {
        const QString title = tr(p.title).toHtmlEscaped();
        all << (nameOf(p) == page_ ? QStringLiteral("<b>%1</b>").arg(title)
                                   : QStringLiteral("<a href=\"%1\">%2</a>").arg(nameOf(p), title));
    }
    return all.join(QStringLiteral(" &nbsp;·&nbsp; "));
}

void GuidePage::fill() {
    pages_->setText(pagesLine());
    QFile file(tr(":/guide/%1.md", "A page of the guide in this language").arg(page_));
    if (!file.open(QIODevice::ReadOnly)) return;
    text_->document()->setDefaultFont(uiFont(14));
    QString words = QString::fromUtf8(file.readAll());
    // The line above leads there.
    if (const auto last = words.lastIndexOf(QLatin1String("](index")); last > 0) {
        words.truncate(words.lastIndexOf(QLatin1Char('['), last));
    }
    text_->setMarkdown(words);
    space(*text_->document());
    wide_ = 0;
    resizeEvent(nullptr);
}

void GuidePage::resizeEvent(QResizeEvent*) {
    const int wide = std::min(scaled(kMostWide), width() - 64);
    if (wide == wide_ || wide < 100) return;
    wide_ = wide;
    fitPictures(*text_->document(), wide, devicePixelRatioF());
    text_->document()->setTextWidth(wide);
    text_->setLineWrapMode(QTextEdit::FixedPixelWidth);
    text_->setLineWrapColumnOrWidth(wide);
}

void GuidePage::changeEvent(QEvent* e) {
    if (e->type() == QEvent::FontChange && text_) fill();
    QWidget::changeEvent(e);
}

}  // namespace brisk::app
