package pelluna.app.scenery;

import pelluna.app.drawing.Svg;

/**
 * One layer of the scenery, and where it lies.
 *
 * @param name    what it is called in its address: water, heap-0, heap-1 …, sand
 * @param leftCm  from the left glass, cm
 * @param topCm   below the surface, cm; what reaches out of the water is below zero
 * @param viewBox of its markup
 * @param version changes with what is painted
 */
public record Layer(
        String name,
        double leftCm,
        double topCm,
        double wideCm,
        double highCm,
        String viewBox,
        String markup,
        String version) {
    static final String HEAP = "heap-";

    /** Its heap, from 0; −1 of the others. */
    public int heap() {
        return name.startsWith(HEAP) ? Integer.parseInt(name.substring(HEAP.length())) : -1;
    }

    /** The drawing by itself, by day or by the light of the moon as its reader has it. */
    public String file() {
        return new Svg()
                .open("svg", "xmlns", "http://www.w3.org/2000/svg", "viewBox", viewBox)
                .add(Textures.LIGHT.markup())
                .add(markup)
                .close("svg")
                .toString();
    }

    /** Within a drawing in cm, by day. */
    public String inline() {
        return placed("svg", "viewBox", viewBox).add(markup).close("svg").toString();
    }

    /** Within a drawing in cm, fetched by itself. @param base where the tank's layers are to be had */
    public String image(String base) {
        return placed("image", "href", base + "/scenery/" + name + ".svg?v=" + version)
                .close("image")
                .toString();
    }

    private Svg placed(String element, String attribute, String value) {
        return new Svg()
                .open(
                        element,
                        attribute,
                        value,
                        "x",
                        leftCm,
                        "y",
                        topCm,
                        "width",
                        wideCm,
                        "height",
                        highCm,
                        "preserveAspectRatio",
                        "none");
    }
}
