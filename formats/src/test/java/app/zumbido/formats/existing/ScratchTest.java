package app.zumbido.formats.existing;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.HouseOf;
import app.zumbido.core.color.*;
import app.zumbido.core.inspect.*;
import app.zumbido.core.inspect.check.*;
import app.zumbido.core.inspect.dress.*;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.delivery.*;
import app.zumbido.formats.guide.ExampleAssets;
import app.zumbido.formats.layouts.SlideSize;
import app.zumbido.formats.office.pages.*;
import app.zumbido.formats.office.sheets.*;
import app.zumbido.formats.office.slides.PresentationTemplate;
import java.io.*;
import java.util.*;
import org.junit.jupiter.api.Test;

class ScratchTest {
    @Test
    void look() throws Exception {
        Brand brand = BrandExample.ferries();
        Assets assets = new ExampleAssets(Rgb.ofHex("0B2A4A"), Rgb.ofHex("F2682A"), 3);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new PresentationTemplate(SlideSize.WIDE).write(Order.of(brand.look(), assets), out);
        House house = HouseOf.look(brand.look(), WcagLevel.AA, Set.of(), Set.of("arial"), true);
        System.out.println(house.jobs());
        try (ExistingFile file = ExistingFile.open(out.toByteArray())) {
            Findings f = file.findings();
            for (Use u : f.uses())
                System.out.println(u.place().page() + " " + u.place().part() + " "
                        + u.place().thing() + " " + u.purpose() + " "
                        + u.color().hex() + " " + u.setting().getClass().getSimpleName() + " on " + u.standing()
                        + u.written()
                                .map(w -> " '" + w.text() + "' " + w.family() + " " + w.points())
                                .orElse(""));
            for (Fault t : Check.of(f, house, new FileLogos(file, assets))) System.out.println("FAULT " + t);
            for (FoundPicture p : f.pictures())
                System.out.println(p.place() + " " + p.ratio() + " " + new FileLogos(file, assets).in(p.content()));
        }
    }
}
