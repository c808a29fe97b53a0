// SPDX-License-Identifier: GPL-3.0-or-later
// The text is docs/guide/first-shoot.md, built in with the pictures that it shows.
#include "app/window/guide_page.h"

#include <QFile>
#include <QImage>
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

/// Pictures are made as wide as the page, at the screen's own resolution.
void fitPictures(QTextDocument& document, int wide, double pixelRatio) {
    for (QTextBlock b = document.begin(); b.isValid(); b = b.next()) {
        for (auto it = b.begin(); !it.atEnd(); ++it) {
            if (!it.fragment().charFormat().isImageFormat()) continue;
            QTextImageFormat format = it.fragment().charFormat().toImageFormat();
            QImage picture(QStringLiteral(":/guide/") + format.name());
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
    text_ = new QTextBrowser(this);
    text_->setFrameShape(QFrame::NoFrame);
    text_->setAccessibleName(tr("Guide"));
    text_->setSearchPaths({QStringLiteral(":/guide")});
    text_->setOpenLinks(false);
    column().addWidget(text_, 1);
    setFocusProxy(text_);
    fill();
}

void GuidePage::fill() {
    QFile file(tr(":/guide/first-shoot.md", "The guide in this language"));
    if (!file.open(QIODevice::ReadOnly)) return;
    text_->document()->setDefaultFont(uiFont(14));
    text_->setMarkdown(QString::fromUtf8(file.readAll()));
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
