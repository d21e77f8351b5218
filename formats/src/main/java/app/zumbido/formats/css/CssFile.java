package app.zumbido.formats.css;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Inventory;
import com.helger.css.decl.CSSDeclaration;
import com.helger.css.decl.CSSExpression;
import com.helger.css.decl.CSSKeyframesBlock;
import com.helger.css.decl.CSSStyleRule;
import com.helger.css.decl.visit.CSSVisitor;
import com.helger.css.decl.visit.DefaultCSSVisitor;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Counts the colours of stylesheets: how often, and for what. A rule counts once, however many elements it meets, since
 * nobody knows which pages it will be used on.
 */
public final class CssInventory {
    private final Inventory.Tally tally = new Inventory.Tally();
    private final CssColors colors = new CssColors();
    private final List<Block> blocks = new ArrayList<>();

    /** Declarations that stand together, so that the text of one stands on the ground of the same one. */
    private record Block(List<CSSDeclaration> declarations) {}

    CssInventory() {}

    /** What cannot be understood is passed over, as browsers do. */
    public static Inventory read(String stylesheet) {
        CssInventory inventory = new CssInventory();
        inventory.addStylesheet(stylesheet);
        return inventory.finish();
    }

    void addStylesheet(String text) {
        CssReading.sheet(text).ifPresent(sheet -> CSSVisitor.visitCSS(sheet, new BlockCollector()));
    }

    void addDeclarations(String text) {
        CssReading.declarations(text).ifPresent(list -> blocks.add(new Block(list.getAllDeclarations())));
    }

    /** An attribute of a page that gives a colour without a stylesheet. */
    void addAttribute(ColorUse use, Rgb color) {
        tally.use(color, use);
    }

    /** Custom properties are known only when everything has been read, so uses are counted last. */
    Inventory finish() {
        for (Block block : blocks) {
            for (CSSDeclaration declaration : block.declarations()) {
                if (declaration.getProperty().startsWith("--")) {
                    colors.define(declaration.getProperty(), declaration.getExpression());
                }
            }
        }
        for (Map.Entry<String, CSSExpression> property : colors.properties().entrySet()) {
            colors.only(property.getValue()).ifPresent(color -> tally.name(color, nameOf(property.getKey())));
        }
        blocks.forEach(this::count);
        return tally.inventory(Optional.empty(), true);
    }

    private void count(Block block) {
        List<Rgb> texts = new ArrayList<>();
        List<Rgb> grounds = new ArrayList<>();
        for (CSSDeclaration declaration : block.declarations()) {
            if (declaration.getProperty().startsWith("--")) {
                continue;
            }
            ColorUse use = useOf(declaration.getProperty());
            for (Rgb color : colors.in(declaration.getExpression())) {
                tally.use(color, use);
                if (use == ColorUse.TEXT) {
                    texts.add(color);
                } else if (use == ColorUse.GROUND) {
                    grounds.add(color);
                }
            }
        }
        // The last one of a kind wins, as in the cascade.
        if (!texts.isEmpty() && !grounds.isEmpty()) {
            tally.combine(texts.get(texts.size() - 1), grounds.get(grounds.size() - 1));
        }
    }

    /** @return {@code harbour-teal} of {@code --harbour-teal} in words */
    private static String nameOf(String property) {
        String words = property.substring(2).replace('-', ' ').replace('_', ' ').strip();
        return words.isEmpty() ? property : words;
    }

    private static ColorUse useOf(String property) {
        if (property.equals("color") || property.startsWith("text-decoration") || property.equals("caret-color")) {
            return ColorUse.TEXT;
        }
        if (property.startsWith("background")) {
            return ColorUse.GROUND;
        }
        if (property.startsWith("border") || property.startsWith("outline") || property.startsWith("column-rule")) {
            return ColorUse.BORDER;
        }
        return ColorUse.GRAPHIC;
    }

    private final class BlockCollector extends DefaultCSSVisitor {
        private List<CSSDeclaration> current = new ArrayList<>();

        @Override
        public void onDeclaration(CSSDeclaration declaration) {
            current.add(declaration);
        }

        private void close() {
            if (!current.isEmpty()) {
                blocks.add(new Block(current));
                current = new ArrayList<>();
            }
        }

        @Override
        public void onEndStyleRule(CSSStyleRule rule) {
            close();
        }

        @Override
        public void onEndKeyframesBlock(CSSKeyframesBlock block) {
            close();
        }

        @Override
        public void end() {
            close();
        }
    }
}
