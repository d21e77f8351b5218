package app.zumbido.core.logos;

import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Painted;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;

/**
 * A brand's logo in its forms, and what else belongs to the brand.
 *
 * @param forms those that there are
 * @param elements in the order in which they were added
 */
public record LogoSet(Map<LogoForm, KeptForm> forms, List<BrandElement> elements) implements Painted<LogoSet> {
    public static final LogoSet NONE = new LogoSet(Map.of(), List.of());
    public static final int MOST_ELEMENTS = 100;

    public LogoSet {
        Map<LogoForm, KeptForm> inOrder = new EnumMap<>(LogoForm.class);
        inOrder.putAll(forms);
        inOrder.forEach((form, kept) -> kept.drawn().madeOf().ifPresent(of -> {
            if (of.compareTo(form) >= 0) {
                throw new IllegalArgumentException(form + " is not made of " + of);
            }
            if (!inOrder.containsKey(of)) {
                throw new UnknownFormException(of);
            }
        }));
        forms = Collections.unmodifiableMap(inOrder);
        elements = List.copyOf(elements);
        if (elements.size() > MOST_ELEMENTS) {
            throw new IllegalArgumentException("A brand has at most " + MOST_ELEMENTS + " elements");
        }
    }

    public Optional<KeptForm> find(LogoForm form) {
        return Optional.ofNullable(forms.get(form));
    }

    /** @throws UnknownFormException if the logo has no such form */
    public KeptForm get(LogoForm form) {
        return find(form).orElseThrow(() -> new UnknownFormException(form));
    }

    /** @return the forms that are made of that one, directly */
    public List<LogoForm> madeOf(LogoForm form) {
        return forms.entrySet().stream()
                .filter(entry ->
                        entry.getValue().drawn().madeOf().filter(form::equals).isPresent())
                .map(Map.Entry::getKey)
                .toList();
    }

    /** A form that is there keeps what was said of it. */
    public LogoSet with(LogoForm form, Drawn drawn) {
        return changed(form, find(form).map(kept -> kept.drawn(drawn)).orElseGet(() -> KeptForm.of(drawn)));
    }

    /** @param source nothing: made by us */
    public LogoSet with(LogoForm form, LogoVersion version, Optional<UUID> source) {
        return changed(form, get(form).with(version, source));
    }

    public LogoSet measuring(LogoForm form, LogoMeasures measures) {
        return changed(form, get(form).measuring(measures));
    }

    public LogoSet used(LogoForm form, String words) {
        return changed(form, get(form).used(words));
    }

    private LogoSet changed(LogoForm form, KeptForm kept) {
        Map<LogoForm, KeptForm> all = new EnumMap<>(LogoForm.class);
        all.putAll(forms);
        all.put(form, kept);
        return new LogoSet(all, elements);
    }

    /** What is made of a form goes with it. */
    public LogoSet without(LogoForm form) {
        get(form);
        Map<LogoForm, KeptForm> left = new EnumMap<>(LogoForm.class);
        forms.forEach((other, kept) -> {
            boolean stands = kept.drawn().madeOf().map(left::containsKey).orElse(true);
            if (other != form && stands) {
                left.put(other, kept);
            }
        });
        return new LogoSet(left, elements);
    }

    /** @throws UnknownElementException if there is none of that id */
    public BrandElement element(UUID id) {
        return elements.stream()
                .filter(element -> element.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new UnknownElementException(id));
    }

    public LogoSet with(BrandElement element) {
        List<BrandElement> all = new ArrayList<>(elements);
        int place = elements.stream().map(BrandElement::id).toList().indexOf(element.id());
        if (place < 0) {
            all.add(element);
        } else {
            all.set(place, element);
        }
        return new LogoSet(forms, all);
    }

    public LogoSet withoutElement(UUID id) {
        BrandElement gone = element(id);
        return new LogoSet(
                forms, elements.stream().filter(element -> element != gone).toList());
    }

    /** @param pictures the same pictures under other ids */
    public LogoSet over(UnaryOperator<UUID> pictures) {
        Map<LogoForm, KeptForm> all = new EnumMap<>(LogoForm.class);
        forms.forEach((form, kept) -> all.put(form, kept.over(pictures)));
        return new LogoSet(
                all,
                elements.stream()
                        .map(element -> new BrandElement(
                                element.id(),
                                element.kind(),
                                element.name(),
                                element.sentence(),
                                pictures.apply(element.source())))
                        .toList());
    }

    @Override
    public LogoSet repainted(UnaryOperator<Paint> change) {
        Map<LogoForm, KeptForm> all = new EnumMap<>(LogoForm.class);
        forms.forEach((form, kept) -> all.put(form, kept.repainted(change)));
        return new LogoSet(all, elements);
    }
}
