package app.zumbido.formats.svg;

import app.zumbido.formats.css.CssReading;
import com.helger.css.decl.CSSDeclaration;
import com.helger.css.decl.CSSExpression;
import com.helger.css.decl.CascadingStyleSheet;
import com.helger.css.decl.visit.CSSVisitor;
import com.helger.css.decl.visit.DefaultCSSVisitor;
import com.helger.css.writer.CSSWriter;
import com.helger.css.writer.CSSWriterSettings;
import java.util.function.BinaryOperator;

/** Style sheets and style attributes of a drawing, read by the grammar of CSS and written without what reaches outside. */
final class SvgStyles {
    private static final CSSWriterSettings WRITING = new CSSWriterSettings(true);

    private final BinaryOperator<String> property;

    /** @param property gives the value that a property gets instead of its own */
    SvgStyles(BinaryOperator<String> property) {
        this.property = property;
    }

    /** @return the rules without imports; nothing of a sheet that cannot be read at all */
    String sheet(String text) {
        return CssReading.sheet(text).map(this::rewritten).orElse("");
    }

    private String rewritten(CascadingStyleSheet sheet) {
        sheet.removeAllImportRules();
        CSSVisitor.visitCSS(sheet, new DefaultCSSVisitor() {
            @Override
            public void onDeclaration(CSSDeclaration declaration) {
                rewrite(declaration);
            }
        });
        return new CSSWriter(WRITING).setWriteHeaderText(false).getCSSAsString(sheet);
    }

    /** @param text what stands in a style attribute */
    String declarations(String text) {
        return CssReading.declarations(text)
                .map(list -> {
                    list.getAllDeclarations().forEach(this::rewrite);
                    return list.getAsCSSString(WRITING);
                })
                .orElse("");
    }

    private void rewrite(CSSDeclaration declaration) {
        // The library that draws does not know the word and would take the whole value for none.
        declaration.setImportant(false);
        String before = declaration.getExpression().getAsCSSString(WRITING);
        // Whoever draws it splits at every semicolon, also at one in an address or a text, and those paint nothing
        // here.
        String after = before.indexOf(';') >= 0 ? "none" : property.apply(declaration.getProperty(), before);
        if (!after.equals(before)) {
            declaration.setExpression(CSSExpression.createSimple(after));
        }
    }
}
