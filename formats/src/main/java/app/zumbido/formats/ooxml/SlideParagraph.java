package app.zumbido.formats.ooxml;

import app.zumbido.formats.archive.PartTree.Node;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A paragraph in which something is written.
 *
 * @param number among all of its holder, from 0
 */
record SlideParagraph(int number, Node node, List<Node> runs) {
    int letters() {
        return runs.stream()
                .mapToInt(run -> run.child("t").map(Node::text).orElse("").length())
                .sum();
    }

    static List<SlideParagraph> in(Node holder) {
        Optional<Node> body = holder.child("txBody");
        if (body.isEmpty()) {
            return List.of();
        }
        List<SlideParagraph> paragraphs = new ArrayList<>();
        int number = 0;
        for (Node paragraph : body.get().children()) {
            if (paragraph.name().equals("p")) {
                List<Node> runs = new ArrayList<>();
                for (Node node : paragraph.children()) {
                    if (isWritten(node)) {
                        runs.add(node);
                    }
                }
                if (!runs.isEmpty()) {
                    paragraphs.add(new SlideParagraph(number, paragraph, runs));
                }
                number++;
            }
        }
        return paragraphs;
    }

    private static boolean isWritten(Node node) {
        return (node.name().equals("r") || node.name().equals("fld"))
                && node.child("t").map(text -> !text.text().isBlank()).orElse(false);
    }
}
