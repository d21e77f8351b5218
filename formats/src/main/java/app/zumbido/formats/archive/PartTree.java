package app.zumbido.formats.archive;

import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** A part as a tree, for those in which a colour depends on what stands elsewhere. */
public final class PartTree {
    private static final int FEW = 4;

    private PartTree() {}

    /** An element with what stands in it. */
    public static final class Node {
        private final Tag tag;
        /** Most elements have none or a few. */
        private List<Node> children = List.of();

        private String text = "";

        private Node(Tag tag) {
            this.tag = tag;
        }

        private void add(Node child) {
            if (children.isEmpty()) {
                children = new ArrayList<>(FEW);
            }
            children.add(child);
        }

        public Tag tag() {
            return tag;
        }

        public String name() {
            return tag.name();
        }

        public List<Node> children() {
            return children;
        }

        /** @return what is written in it and in everything inside it */
        public String text() {
            if (children.isEmpty()) {
                return text;
            }
            StringBuilder all = new StringBuilder(text);
            children.forEach(child -> all.append(child.text()));
            return all.toString();
        }

        /** @return the attribute, whatever its prefix; nothing if it is missing or empty */
        public Optional<String> attribute(String name) {
            return tag.attribute(name);
        }

        /** @return the first child of that name */
        public Optional<Node> child(String name) {
            for (Node child : children) {
                if (child.name().equals(name)) {
                    return Optional.of(child);
                }
            }
            return Optional.empty();
        }

        public Stream<Node> children(String name) {
            return children.stream().filter(child -> child.name().equals(name));
        }

        /** @return the first element that the names lead to, each the first child of the one before */
        public Optional<Node> at(String... names) {
            Optional<Node> node = Optional.of(this);
            for (String name : names) {
                node = node.flatMap(parent -> parent.child(name));
            }
            return node;
        }

        /** @return everything in it, in the order of the file */
        public List<Node> inside() {
            List<Node> all = new ArrayList<>();
            collect(all);
            return all;
        }

        private void collect(List<Node> all) {
            for (Node child : children) {
                all.add(child);
                child.collect(all);
            }
        }
    }

    /**
     * Where a part holds two forms of the same thing, the newer one is taken, as programs do. Source: ECMA-376 Part 3, 7.6.
     */
    public static Node read(String name, byte[] part) {
        Builder builder = new Builder();
        PartXml.read(name, part, builder);
        return builder.root();
    }

    /**
     * Reads a large part piece by piece: what stands directly in one of the holders is handed over when it ends, and is not
     * kept. Everything else is read past, up to where something is handed over.
     *
     * @param holders names of elements
     */
    public static void each(String name, byte[] part, Set<String> holders, Consumer<Node> piece) {
        PartXml.read(name, part, new Builder(holders, piece));
    }

    private static final class Builder implements PartXml.Handler {
        /** Deeper files are damaged; whoever walks a tree goes as deep as it is. */
        private static final int DEEPEST = 500;
        /** A slide has some hundreds; a hundred times as many as the largest that was seen. */
        private static final int MOST_NODES = 400_000;

        private final Deque<Node> open = new ArrayDeque<>();
        private final List<Node> roots = new ArrayList<>();
        private final Set<String> holders;
        private final Consumer<Node> piece;
        private int nodes;

        Builder() {
            this(Set.of(), node -> {});
        }

        Builder(Set<String> holders, Consumer<Node> piece) {
            this.holders = holders;
            this.piece = piece;
        }

        @Override
        public void start(Tag tag) {
            if (++nodes > MOST_NODES) {
                throw new UnreadableImageException(
                        Reason.TOO_LARGE, "The file has a part of more than " + MOST_NODES + " elements");
            }
            Node node = new Node(tag);
            if (open.isEmpty()) {
                roots.add(node);
            } else if (open.size() < DEEPEST) {
                open.peek().add(node);
            }
            open.push(node);
        }

        @Override
        public void text(String text) {
            if (!open.isEmpty()) {
                Node node = open.peek();
                // Mostly it comes in one piece.
                node.text = node.text.isEmpty() ? text : node.text + text;
            }
        }

        @Override
        public void end(String name) {
            Node node = open.pop();
            if (name.equals("AlternateContent")
                    && !open.isEmpty()
                    && !open.peek().children.isEmpty()) {
                List<Node> siblings = open.peek().children;
                siblings.remove(siblings.size() - 1);
                node.child("Choice").or(() -> node.child("Fallback")).ifPresent(form -> siblings.addAll(form.children));
            }
            if (!open.isEmpty() && holders.contains(open.peek().name())) {
                List<Node> whole = List.copyOf(open.peek().children);
                open.peek().children.clear();
                nodes = 0;
                whole.forEach(piece);
            }
        }

        Node root() {
            return roots.get(0);
        }
    }
}
