package app.zumbido.server.pack;

import app.zumbido.server.trail.BrandRecord;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;

/** A brand of a package of the first version: one entry with the whole trail, which is read step by step all the same. */
final class WholeBrand implements PackagedBrand {
    private final Supplier<InputStream> entry;
    private final PackageForm.Head head;

    WholeBrand(Supplier<InputStream> entry) {
        this.entry = entry;
        // The trail is passed over: a head has no part of that name.
        try (InputStream in = entry.get()) {
            head = PackageForm.MAPPER.readValue(in, PackageForm.Head.class);
        } catch (IOException e) {
            throw new PackageException("A brand in the package is damaged", e);
        }
    }

    @Override
    public BrandRecord head() {
        return head.brand();
    }

    @Override
    public List<SourceRecord> sources() {
        return head.sources();
    }

    @Override
    public List<FontRecord> fonts() {
        return head.fonts();
    }

    @Override
    public List<PlaceRecord> places() {
        return head.places();
    }

    @Override
    public void steps(Consumer<BrandRecord.Step> each) {
        try (JsonParser parser = PackageForm.MAPPER.createParser(entry.get())) {
            while (!isTrail(parser) && parser.nextToken() != null) {
                // On to the trail; whatever else has that name lies deeper.
            }
            parser.nextToken();
            while (parser.nextToken() == JsonToken.START_OBJECT) {
                each.accept(parser.readValueAs(BrandRecord.Step.class));
            }
        }
    }

    private static boolean isTrail(JsonParser parser) {
        boolean inBrand = parser.streamReadContext().getParent() != null
                && "brand".equals(parser.streamReadContext().getParent().currentName());
        return inBrand
                && parser.streamReadContext().getNestingDepth() == 2
                && parser.currentToken() == JsonToken.PROPERTY_NAME
                && "trail".equals(parser.currentName());
    }
}
