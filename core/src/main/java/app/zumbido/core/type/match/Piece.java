package app.zumbido.core.type.match;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Ink that hangs together: mostly a letter, with its dot.
 *
 * @param left edge in the whole, in pixels
 * @param ink as tall as the whole
 */
public record Piece(int left, Ink ink) {
    /** Less is the shade between two letters that nearly touch. */
    private static final float COVERED = 0.35f;
    /** Pieces that share more of the narrower one's width are one above the other. */
    private static final double SHARED_WIDTH = 0.55;
    /** Smaller ones are noise; as a share of the largest one's area. */
    private static final double SPECK = 0.01;

    int right() {
        return left + ink.width();
    }

    double center() {
        return left + ink.centroidX();
    }

    /** @return from left to right */
    static List<Piece> of(Ink whole) {
        int[] labels = new int[whole.values().length];
        List<Box> boxes = new ArrayList<>();
        for (int i = 0; i < labels.length; i++) {
            if (labels[i] == 0 && whole.values()[i] >= COVERED) {
                boxes.add(flood(whole, labels, i, boxes.size() + 1));
            }
        }
        return merged(boxes).stream().map(group -> piece(whole, labels, group)).toList();
    }

    private record Box(int label, int left, int right, int area) {}

    private static Box flood(Ink whole, int[] labels, int start, int label) {
        int[] stack = new int[64];
        int size = 1;
        stack[0] = start;
        labels[start] = label;
        int left = Integer.MAX_VALUE;
        int right = 0;
        int area = 0;
        while (size > 0) {
            int at = stack[--size];
            int x = at % whole.width();
            int y = at / whole.width();
            left = Math.min(left, x);
            right = Math.max(right, x + 1);
            area++;
            for (int dy = -1; dy <= 1; dy++) {
                for (int dx = -1; dx <= 1; dx++) {
                    if (whole.at(x + dx, y + dy) >= COVERED) {
                        int next = (y + dy) * whole.width() + x + dx;
                        if (labels[next] == 0) {
                            labels[next] = label;
                            if (size == stack.length) {
                                stack = Arrays.copyOf(stack, 2 * size);
                            }
                            stack[size++] = next;
                        }
                    }
                }
            }
        }
        return new Box(label, left, right, area);
    }

    private record Group(List<Integer> labels, int left, int right) {
        Group with(Box box) {
            List<Integer> more = new ArrayList<>(labels);
            more.add(box.label());
            return new Group(more, Math.min(left, box.left()), Math.max(right, box.right()));
        }

        boolean isAbove(Box box) {
            int shared = Math.min(right, box.right()) - Math.max(left, box.left());
            return shared > SHARED_WIDTH * Math.min(right - left, box.right() - box.left());
        }
    }

    private static List<Group> merged(List<Box> boxes) {
        int largest = boxes.stream().mapToInt(Box::area).max().orElse(0);
        List<Group> groups = new ArrayList<>();
        boxes.stream()
                .filter(box -> box.area() >= SPECK * largest)
                .sorted(Comparator.comparingInt(Box::left))
                .forEach(box -> {
                    for (int i = 0; i < groups.size(); i++) {
                        if (groups.get(i).isAbove(box)) {
                            groups.set(i, groups.get(i).with(box));
                            return;
                        }
                    }
                    groups.add(new Group(List.of(box.label()), box.left(), box.right()));
                });
        groups.sort(Comparator.comparingInt(Group::left));
        return groups;
    }

    /** With the faint pixels at its edge, which no piece has for itself. */
    private static Piece piece(Ink whole, int[] labels, Group group) {
        int left = Math.max(0, group.left() - 1);
        int right = Math.min(whole.width(), group.right() + 1);
        int width = right - left;
        float[] values = new float[width * whole.height()];
        for (int y = 0; y < whole.height(); y++) {
            for (int x = left; x < right; x++) {
                if (belongs(whole, labels, group, x, y)) {
                    values[y * width + x - left] = whole.at(x, y);
                }
            }
        }
        return new Piece(left, new Ink(width, whole.height(), values));
    }

    private static boolean belongs(Ink whole, int[] labels, Group group, int x, int y) {
        int own = labels[y * whole.width() + x];
        if (own != 0) {
            return group.labels().contains(own);
        }
        for (int dy = -1; dy <= 1; dy++) {
            for (int dx = -1; dx <= 1; dx++) {
                if (whole.at(x + dx, y + dy) >= COVERED
                        && group.labels().contains(labels[(y + dy) * whole.width() + x + dx])) {
                    return true;
                }
            }
        }
        return false;
    }
}
