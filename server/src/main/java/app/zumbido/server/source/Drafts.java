package app.zumbido.server.source;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.Draft;
import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.palette.Swatch;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.trail.KeptBrand;
import app.zumbido.server.trail.Preview;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Makes a brand of what files show. They are read outside of the change, which may be made more than once. */
@Service
class Drafts {
    /** Pages of one manual that list codes; the first ones list its palette, later ones repeat it. */
    private static final int MOST_LISTING = 8;
    /** Drawing a page and reading it takes a while. */
    private static final int MOST_LOOKED_AT = 8;

    private final SourceMapper sources;
    private final BrandKeeper keeper;
    private final Pictures pictures;
    private final Listings listings;
    private final Ids ids;

    Drafts(SourceMapper sources, BrandKeeper keeper, Pictures pictures, Listings listings, Ids ids) {
        this.sources = sources;
        this.keeper = keeper;
        this.pictures = pictures;
        this.listings = listings;
        this.ids = ids;
    }

    /** Palette, roles and theme of a brand without a colour, as one step. */
    KeptBrand draft(UUID brandId, SourceRow row, IfMatch ifMatch) {
        List<SourceRow> pages = pages(brandId, row);
        if (pages.size() > 1) {
            return fromManual(brandId, pages, ifMatch);
        }
        Optional<Extraction> shown = row.hasPicture() ? Optional.of(read(row)) : Optional.empty();
        return keeper.change(brandId, ifMatch, brand -> {
            requireEmpty(brand);
            return (shown.isPresent()
                            ? Draft.from(shown.get(), row.name(), pictures.names(row), brand, ids::next)
                                    .<Change>map(draft -> isLogo(row, shown.get()) ? draft.withLogo(row.id()) : draft)
                            : Draft.from(listings.inventory(row), row.name(), brand, ids::next))
                    .orElseThrow(() -> DraftException.nothingFound(row.name() + " shows no colour"));
        });
    }

    /** The first one is the primary one, until somebody says otherwise. */
    private static boolean isLogo(SourceRow row, Extraction shown) {
        return Draft.isLogo(shown) && !row.isCrop();
    }

    private static void requireEmpty(Brand brand) {
        if (!brand.palette().swatches().isEmpty()) {
            throw DraftException.brandNotEmpty();
        }
    }

    private Extraction read(SourceRow row) {
        return pictures.extraction(row, Optional.empty());
    }

    /** @return all pages of the document that a page is of, in their order; only the picture itself if it is of none */
    private List<SourceRow> pages(UUID brandId, SourceRow row) {
        if (row.page() == null || row.isCrop()) {
            return List.of(row);
        }
        return sources.ofBrand(brandId).stream()
                .filter(other -> other.blob().equals(row.blob()) && other.page() != null && !other.isCrop())
                .sorted(Comparator.comparingInt(Drafts::page))
                .toList();
    }

    private static int page(SourceRow row) {
        return Objects.requireNonNull(row.page(), "only pages are asked");
    }

    /** A manual tells its colours by codes, or on a page that shows them; its cover may be of any colour. */
    private KeptBrand fromManual(UUID brandId, List<SourceRow> pages, IfMatch ifMatch) {
        String name = SourceName.ofDocument(pages.get(0).name());
        List<SourceRow> listing = pages.stream()
                .filter(page -> !pictures.names(page).isEmpty())
                .limit(MOST_LISTING)
                .toList();
        List<List<Swatch>> found = new ArrayList<>();
        for (SourceRow page : listing) {
            found.add(Draft.ofCodes(read(page), page.name(), pictures.names(page), ids::next));
        }
        if (found.stream().allMatch(List::isEmpty)) {
            SourceRow best = pages.stream()
                    .limit(MOST_LOOKED_AT)
                    .max(Comparator.comparingDouble(page -> Draft.worthOf(read(page))))
                    .orElseThrow();
            found.add(Draft.swatches(read(best), best.name(), pictures.names(best), ids::next));
        }
        List<Swatch> swatches = Draft.merged(found);
        if (swatches.isEmpty()) {
            throw DraftException.nothingFound(name + " shows no colour");
        }
        return keeper.change(brandId, ifMatch, brand -> {
            requireEmpty(brand);
            return BrandChange.DraftBrand.of(brand, name, swatches);
        });
    }

    /** The brand anew from some of its files, as one step. */
    KeptBrand draftAgain(UUID brandId, List<SourceRow> rows, IfMatch ifMatch) {
        List<Swatch> found = found(rows);
        return keeper.change(brandId, ifMatch, brand -> BrandChange.DraftAgain.of(brand, inWords(rows), found));
    }

    /** The same, only looked at. */
    Preview lookAt(UUID brandId, List<SourceRow> rows) {
        List<Swatch> found = found(rows);
        return keeper.preview(brandId, brand -> BrandChange.DraftAgain.of(brand, inWords(rows), found));
    }

    private List<Swatch> found(List<SourceRow> rows) {
        List<List<Swatch>> files = new ArrayList<>();
        for (SourceRow row : rows) {
            files.add(
                    row.hasPicture()
                            ? Draft.swatches(read(row), row.name(), pictures.names(row), ids::next)
                            : Draft.swatches(listings.inventory(row), row.name(), ids::next));
        }
        List<Swatch> found = Draft.merged(files);
        if (found.isEmpty()) {
            throw DraftException.nothingFound(inWords(rows) + " shows no colour");
        }
        return found;
    }

    private static String inWords(List<SourceRow> rows) {
        String first = rows.get(0).name();
        return rows.size() == 1 ? first : first + " and " + (rows.size() - 1) + " more";
    }
}
