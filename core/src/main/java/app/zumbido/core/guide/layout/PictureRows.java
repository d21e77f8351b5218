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

    private static final double TIGHT_HEIGHT = 0.24;
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
        return Math.min(
                setting.width() * setting.by(HEIGHT, TIGHT_HEIGHT, HEIGHT), setting.height() * MOST_HEIGHT * 0.6);
    }

    private static double ratio(Pictured picture) {
        return Math.max(SLIMMEST, Math.min(WIDEST, picture.ratio()));
    }

    /** Rows are broken so that they are about as high as they should be, and the last one is filled as well as can be. */
    private List<Part> even(List<Pictured> pictures) {
        int count = pictures.size();
        double[] costs = new double[count + 1];
        int[] starts = new int[count + 1];
        for (int end = 1; end <= count; end++) {
            costs[end] = Double.POSITIVE_INFINITY;
            for (int start = end - 1; start >= 0; start--) {
                double cost = costs[start] + cost(pictures.subList(start, end), end == count);
                if (cost < costs[end]) {
                    costs[end] = cost;
                    starts[end] = start;
                }
            }
        }
        List<Part> rows = new ArrayList<>();
        for (int end = count; end > 0; end = starts[end]) {
            List<Pictured> row = pictures.subList(starts[end], end);
            rows.add(0, row(row, Math.min(height(row), highest())));
        }
        return rows;
    }

    /** What does not fill a row is not blown up. */
    private double highest() {
        return target() * 1.3;
    }

    private double cost(List<Pictured> row, boolean last) {
        double height = height(row);
        double away = (Math.min(height, highest()) - target()) / target();
        double empty = height > highest() ? 1 - highest() / height : 0;
        // A row that is not the last and not filled looks like a mistake.
        return away * away + empty * empty * (last ? 1 : 9);
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
