package app.zumbido.core.guide.layout;

import app.zumbido.core.guide.Block;
import app.zumbido.core.guide.Block.Pictured;
import app.zumbido.core.guide.Share;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Pictures in rows of equal height that fill the width; or each as wide as somebody says. */
final class PictureRows {
    /** Of the width: how high a row is about. */
    private static final double HEIGHT = 0.3;
    /** Of the height of a page, captions included. */
    private static final double MOST_HEIGHT = 0.6;
    /** A picture is laid out as if it were no slimmer and no wider. */
    private static final double SLIMMEST = 0.2;

    private static final double WIDEST = 8;

    private final Setting setting;

    private PictureRows(Setting setting) {
        this.setting = setting;
    }

    static List<Part> of(Block.Pictures pictures, Setting setting) {
        PictureRows rows = new PictureRows(setting);
        return pictures.byHand() ? rows.byHand(pictures.pictures()) : rows.even(pictures.pictures());
    }

    private double target() {
        return Math.min(setting.width() * HEIGHT, setting.height() * MOST_HEIGHT * 0.6);
    }

    private static double ratio(Pictured picture) {
        return Math.max(SLIMMEST, Math.min(WIDEST, picture.ratio()));
    }

    private List<Part> even(List<Pictured> pictures) {
        List<Part> rows = new ArrayList<>();
        List<Pictured> open = new ArrayList<>();
        for (Pictured picture : pictures) {
            open.add(picture);
            if (height(open) <= target()) {
                rows.add(row(open, height(open)));
                open.clear();
            }
        }
        if (!open.isEmpty()) {
            // What does not fill a row is not blown up.
            rows.add(row(open, Math.min(height(open), target() * 1.15)));
        }
        return rows;
    }

    /** @return at which the pictures fill the width */
    private double height(List<Pictured> pictures) {
        double room = setting.width() - setting.seam() * (pictures.size() - 1);
        return room / pictures.stream().mapToDouble(PictureRows::ratio).sum();
    }

    private Part row(List<Pictured> pictures, double height) {
        List<Double> widths =
                pictures.stream().map(picture -> height * ratio(picture)).toList();
        return row(pictures, widths);
    }

    private List<Part> byHand(List<Pictured> pictures) {
        List<Part> rows = new ArrayList<>();
        List<Pictured> open = new ArrayList<>();
        int taken = 0;
        for (Pictured picture : pictures) {
            if (taken + picture.share().parts() > Share.PARTS) {
                rows.add(shared(open));
                open.clear();
                taken = 0;
            }
            open.add(picture);
            taken += picture.share().parts();
        }
        if (!open.isEmpty()) {
            rows.add(shared(open));
        }
        return rows;
    }

    private Part shared(List<Pictured> pictures) {
        double unit = (setting.width() + setting.seam()) / Share.PARTS;
        return row(
                pictures,
                pictures.stream()
                        .map(picture -> Math.min(
                                unit * picture.share().parts() - setting.seam(),
                                setting.height() * MOST_HEIGHT * ratio(picture)))
                        .toList());
    }

    private Part row(List<Pictured> pictures, List<Double> widths) {
        List<Part> parts = new ArrayList<>();
        double x = 0;
        double height = 0;
        for (int i = 0; i < pictures.size(); i++) {
            Part part = picture(pictures.get(i), x, widths.get(i));
            parts.add(part);
            height = Math.max(height, part.box().height());
            x += widths.get(i) + setting.seam();
        }
        return Part.holding(Tag.GROUP, new Box(0, 0, setting.width(), height), parts);
    }

    private Part picture(Pictured picture, double x, double width) {
        Box box = new Box(x, 0, width, width / ratio(picture));
        Part figure = Part.figure(
                box,
                List.of(new Mark.Picture(box, picture.source(), picture.crop(), Optional.empty())),
                picture.words());
        return picture.captioned() ? Captions.under(figure, picture.words(), setting) : figure;
    }
}
