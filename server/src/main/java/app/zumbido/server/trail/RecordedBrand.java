package app.zumbido.server.trail;

import java.util.function.Consumer;

/** A brand as somebody has recorded it. Its steps are walked, never held together: there may be thousands. */
public interface RecordedBrand {
    BrandRecord head();

    /** Hands over every step, oldest first; may be asked again. */
    void steps(Consumer<BrandRecord.Step> each);
}
