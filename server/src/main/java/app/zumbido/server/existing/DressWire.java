package app.zumbido.server.existing;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.inspect.dress.DressLine;
import app.zumbido.core.inspect.dress.DressWarning;
import app.zumbido.core.inspect.dress.OldLogo;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.formats.existing.DressWords;
import app.zumbido.server.existing.Dressings.Plan;
import app.zumbido.server.http.WireNames;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** What is asked about dressing a file, and answered. */
final class DressWire {
    private DressWire() {}

    /**
     * @param from hex of a colour in the file
     * @param slot dk1 lt1 dk2 lt2 accent1 to accent6 hlink folHlink
     */
    record MappedColor(
            @NotBlank @Size(max = 20) String from,
            @NotBlank @Size(max = 20) String slot) {
        static MappedColor parse(String text) {
            int dash = text.indexOf('-');
            return new MappedColor(text.substring(0, Math.max(0, dash)), text.substring(dash + 1));
        }
    }

    /**
     * @param mapping what colours become; those that are missing become what does their job in the brand
     * @param leftMasters parts of masters that keep their theme
     * @param leftLogos whether pictures that look like the old logo stay
     * @param smallerHeadings whether headings that would need another line are made smaller
     * @param templateMaster whether the pages go on the template's master and layouts; masters that are left keep theirs
     */
    record DressRequest(
            @Nullable @Size(max = 2_000) List<@Valid MappedColor> mapping,
            @Nullable @Size(max = 200) List<String> leftMasters,
            @Nullable Boolean leftLogos,
            @Nullable Boolean smallerHeadings,
            @Nullable Boolean templateMaster) {}

    /**
     * @param count how often
     * @param byHand how many of them are set by hand
     * @param slot that it should be here; absent while slots of the theme are empty
     * @param perhaps whether that needs judgement
     */
    record FileColorResponse(
            String hex, int count, int byHand, @Nullable String slot, boolean perhaps) {
        static FileColorResponse of(List<DressLine> lines, boolean filled) {
            DressLine most = lines.get(0);
            return new FileColorResponse(
                    most.color().hex(),
                    lines.stream().mapToInt(DressLine::count).sum(),
                    lines.stream().mapToInt(DressLine::byHand).sum(),
                    filled ? most.becomes().slot().code() : null,
                    most.perhaps());
        }
    }

    /** @param noTemplateMaster why the template's master cannot be taken; absent if it can */
    record DressPlanResponse(
            List<DressLineResponse> colors,
            List<DressWarningResponse> warnings,
            List<MasterResponse> masters,
            List<OldLogoResponse> logos,
            @Nullable String noTemplateMaster) {
        static DressPlanResponse of(Plan plan) {
            return new DressPlanResponse(
                    plan.table().stream()
                            .map(line -> DressLineResponse.of(line, plan.seen(line)))
                            .toList(),
                    plan.warnings().stream().map(DressWarningResponse::of).toList(),
                    plan.masters().entrySet().stream()
                            .map(master -> new MasterResponse(master.getKey(), master.getValue()))
                            .toList(),
                    plan.logos().stream().map(OldLogoResponse::of).toList(),
                    plan.masterObstacle().map(DressWords::noMaster).orElse(null));
        }
    }

    /**
     * @param text whether it is what is written; the same colour may be painted elsewhere
     * @param purposes how often for what: title, subtitle, body, box-fill and so on
     * @param what the same in words
     * @param slot what it becomes
     * @param slotHex what is seen then
     * @param step whether that is a lighter or darker step of the slot
     * @param reason same, theme, page, title-ground, title and so on
     * @param because the same in words
     * @param page where it occurs most
     */
    record DressLineResponse(
            String hex,
            String ink,
            boolean text,
            int count,
            int byHand,
            Map<String, Integer> purposes,
            String what,
            String slot,
            String slotHex,
            String slotInk,
            boolean step,
            String reason,
            String because,
            boolean perhaps,
            @Nullable Integer page) {
        static DressLineResponse of(DressLine line, Rgb seen) {
            SlotColor slot = line.becomes();
            Map<String, Integer> purposes = new TreeMap<>();
            for (Map.Entry<Purpose, Integer> entry : line.purposes().entrySet()) {
                purposes.put(WireNames.of(entry.getKey()), entry.getValue());
            }
            return new DressLineResponse(
                    line.color().hex(),
                    line.color().ink().hex(),
                    line.text(),
                    line.count(),
                    line.byHand(),
                    purposes,
                    DressWords.what(line),
                    slot.slot().code(),
                    seen.hex(),
                    seen.ink().hex(),
                    slot.step().isPresent(),
                    WireNames.of(line.reason()),
                    DressWords.because(line),
                    line.perhaps(),
                    line.page().isPresent() ? line.page().getAsInt() : null);
        }
    }

    /**
     * @param kind other-size, several-masters, hidden-graphics, headings-wrap, old-logo, fonts-by-hand, pictures or no-theme
     * @param pages that it is about; none if it is the whole file
     */
    record DressWarningResponse(String kind, String sentence, List<Integer> pages, List<String> words, int count) {
        static DressWarningResponse of(DressWarning warning) {
            return new DressWarningResponse(
                    WireNames.of(warning.kind()),
                    DressWords.warning(warning),
                    warning.pages(),
                    warning.words(),
                    warning.count());
        }
    }

    /** @param part of the file @param name as the file calls it; may be empty */
    record MasterResponse(String part, String name) {}

    /**
     * @param pages on how many it is seen
     * @param own whether it is one of the brand's already
     * @param form that takes its place
     * @param version light or dark, for what it stands on then
     */
    record OldLogoResponse(@Nullable Integer page, int pages, boolean own, String form, String version) {
        static OldLogoResponse of(OldLogo logo) {
            return new OldLogoResponse(
                    logo.picture().place().page().isPresent()
                            ? logo.picture().place().page().getAsInt()
                            : null,
                    logo.pages(),
                    logo.own(),
                    WireNames.of(logo.form()),
                    WireNames.of(logo.version()));
        }
    }
}
