package app.zumbido.formats.guide;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Gradient;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBoolean;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShading;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType2;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType3;

/** Gradients (ISO 32000-1, 8.7.4.5.3 and 8.7.4.5.4; functions of 7.10.3 and 7.10.4). */
final class Shadings {
    /** Between two stops the press has so many more: its inks do not run as light does. */
    private static final int BETWEEN = 8;

    private Shadings() {}

    static PDShading axial(Point2D start, Point2D end, float[] places, List<Rgb> stops, PdfInks inks) {
        PDShadingType2 shading = new PDShadingType2(dictionary(2, places, stops, inks));
        shading.setCoords(floats(start.getX(), start.getY(), end.getX(), end.getY()));
        return shading;
    }

    static PDShading radial(Point2D middle, double radius, float[] places, List<Rgb> stops, PdfInks inks) {
        PDShadingType3 shading = new PDShadingType3(dictionary(3, places, stops, inks));
        shading.setCoords(floats(middle.getX(), middle.getY(), 0, middle.getX(), middle.getY(), radius));
        return shading;
    }

    private static COSDictionary dictionary(int kind, float[] places, List<Rgb> stops, PdfInks inks) {
        COSDictionary shading = new COSDictionary();
        shading.setInt(COSName.SHADING_TYPE, kind);
        shading.setItem(COSName.COLORSPACE, inks.space().getCOSObject());
        COSArray extend = new COSArray();
        extend.add(COSBoolean.TRUE);
        extend.add(COSBoolean.TRUE);
        shading.setItem(COSName.EXTEND, extend);
        shading.setItem(COSName.FUNCTION, stitched(places, stops, inks));
        return shading;
    }

    private static COSDictionary stitched(float[] places, List<Rgb> stops, PdfInks inks) {
        List<Double> at = new ArrayList<>();
        List<Rgb> colors = new ArrayList<>();
        for (int i = 0; i < stops.size(); i++) {
            at.add((double) places[i]);
            colors.add(stops.get(i));
            if (i + 1 < stops.size()) {
                Gradient between = new Gradient(List.of(stops.get(i), stops.get(i + 1)));
                for (int j = 1; j < BETWEEN; j++) {
                    double share = (double) j / BETWEEN;
                    at.add(places[i] + (places[i + 1] - places[i]) * share);
                    colors.add(between.at(share));
                }
            }
        }
        COSArray functions = new COSArray();
        COSArray bounds = new COSArray();
        COSArray encode = new COSArray();
        for (int i = 0; i + 1 < colors.size(); i++) {
            COSDictionary function = new COSDictionary();
            function.setInt(COSName.FUNCTION_TYPE, 2);
            function.setItem(COSName.DOMAIN, floats(0, 1));
            function.setItem(COSName.C0, inks.numbers(colors.get(i)));
            function.setItem(COSName.C1, inks.numbers(colors.get(i + 1)));
            function.setItem(COSName.N, COSInteger.ONE);
            functions.add(function);
            encode.add(COSInteger.ZERO);
            encode.add(COSInteger.ONE);
            if (i > 0) {
                bounds.add(new COSFloat(at.get(i).floatValue()));
            }
        }
        COSDictionary stitching = new COSDictionary();
        stitching.setInt(COSName.FUNCTION_TYPE, 3);
        stitching.setItem(COSName.DOMAIN, floats(0, 1));
        stitching.setItem(COSName.FUNCTIONS, functions);
        stitching.setItem(COSName.BOUNDS, bounds);
        stitching.setItem(COSName.ENCODE, encode);
        return stitching;
    }

    private static COSArray floats(double... values) {
        COSArray array = new COSArray();
        for (double value : values) {
            array.add(new COSFloat((float) value));
        }
        return array;
    }
}
