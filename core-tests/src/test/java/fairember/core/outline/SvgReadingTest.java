package fairember.core.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SvgReadingTest {
    private static final String MM =
            "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm'" + " viewBox='0 0 100 100'>%s</svg>";

    /** A drawing, the area and the length of its edges in mm, its width and height. */
    @DataProvider
    public Object[][] drawings() {
        double pi = Math.PI;
        return new Object[][] {
            {MM.formatted("<rect x='3' y='4' width='30' height='20'/>"), 600.0, 100.0, 30.0, 20.0},
            {MM.formatted("<circle cx='50' cy='50' r='20'/>"), 400 * pi, 40 * pi, 40.0, 40.0},
            {MM.formatted("<ellipse cx='50' cy='50' rx='20' ry='10'/>"), 200 * pi, 96.8845, 40.0, 20.0},
            {MM.formatted("<polygon points='0,0 30,0 30,40'/>"), 600.0, 120.0, 30.0, 40.0},
            {MM.formatted("<path d='M10 10h30v30h-30z M20 20v10h10v-10z'/>"), 800.0, 160.0, 30.0, 30.0},
            // Two arcs of a circle of 10 make it whole.
            {MM.formatted("<path d='M40 50A10 10 0 0 1 60 50A10 10 0 0 1 40 50Z'/>"), 100 * pi, 20 * pi, 20.0, 20.0},
            // Large and small arcs, both settings, drawn as a lens and its rest; radius too small for its ends grows to
            // 10.
            {MM.formatted("<path d='M40 50a4 4 0 1 1 20 0a4 4 0 1 1-20 0z'/>"), 100 * pi, 20 * pi, 20.0, 20.0},
            {MM.formatted("<path d='M10 20A10 10 0 0 0 20 10V20z'/>"), 100 - 25 * pi, 20 + 5 * pi, 10.0, 10.0},
            {MM.formatted("<path d='M20 10A10 10 0 1 0 30 20H20z'/>"), 75 * pi, 20 + 15 * pi, 20.0, 20.0},
            // A parabola y = 2x(1 − x/20) over 20 and its mirror, by smooth curves of both orders.
            {MM.formatted("<path d='M10 40Q20 20 30 40T50 40V55H10Z'/>"), 600.0, 129.1577, 40.0, 25.0},
            {MM.formatted("<path d='m10 40c0-10 10-10 10 0s10 10 10 0v10h-20z'/>"), 200.0, 80.0000, 20.0, 17.5},
            // A quarter turn and twice the size.
            {
                MM.formatted("<g transform='translate(50 10) rotate(90)'><rect width='10' height='5'"
                        + " transform='scale(2)'/></g>"),
                200.0,
                60.0,
                10.0,
                20.0
            },
            // Without a unit a number is a pixel of 1/96 inch; the box then scales.
            {
                "<svg width='96' height='96' viewBox='0 0 10 10'><rect width='10' height='10'/></svg>",
                645.16,
                101.6,
                25.4,
                25.4
            },
            {
                "<svg width='1in' height='1in' viewBox='0 0 4 4'><rect width='2' height='2'/></svg>",
                161.29,
                50.8,
                12.7,
                12.7
            },
            // Stretched to twice as wide as high; filling the page, so that half of it is cut off; nested, hidden,
            // closed.
            {
                "<svg width='40mm' height='20mm' viewBox='0 0 10 10' preserveAspectRatio='none'>"
                        + "<rect width='10' height='10'/></svg>",
                800.0,
                120.0,
                40.0,
                20.0
            },
            {
                "<svg width='40mm' height='20mm' viewBox='0 0 10 10' preserveAspectRatio='xMidYMid slice'>"
                        + "<rect width='10' height='10'/></svg>",
                800.0,
                120.0,
                40.0,
                20.0
            },
            {
                MM.formatted("<svg x='10' y='20' width='40' height='30' viewBox='0 0 2 3'>"
                        + "<rect width='2' height='3'/></svg>"),
                600.0,
                100.0,
                20.0,
                30.0
            },
            {
                MM.formatted("<svg x='10' width='50%' height='30' viewBox='0 0 1 1' preserveAspectRatio='none'>"
                        + "<rect x='-1' width='3' height='1'/></svg>"),
                1500.0,
                160.0,
                50.0,
                30.0
            },
            {
                MM.formatted("<rect width='9' height='9'/><g display='none'><rect x='20' width='5' height='5'/></g>"
                        + "<g visibility='hidden'><rect x='30' width='5' height='5'/></g>"
                        + "<rect x='40' width='5' height='5' style='fill:red; display: none'/>"),
                81.0,
                36.0,
                9.0,
                9.0
            },
            {
                MM.formatted("<g visibility='hidden'><rect x='30' width='5' height='5'/>"
                        + "<rect width='9' height='9' visibility='visible'/></g>"),
                81.0,
                36.0,
                9.0,
                9.0
            },
            {MM.formatted("<polyline points='0,0 30,0 30,40 0,0'/>"), 600.0, 120.0, 30.0, 40.0},
            {
                "<svg width='4cm' height='4cm' viewBox='0 0 8 8'><rect width='4' height='8'/></svg>",
                800.0,
                120.0,
                20.0,
                40.0
            },
        };
    }

    @Test(dataProvider = "drawings")
    public void theOutlineIsTheDrawingInTrueMillimetres(
            String svg, double area, double edge, double width, double height) {
        CutShape shape = SvgReading.read(svg);
        assertThat(shape.area().mm2()).isCloseTo(area, within(0.001 * area));
        assertThat(shape.edge().mm()).isCloseTo(edge, within(0.001 * edge));
        assertThat(shape.width().mm()).isCloseTo(width, within(0.1));
        assertThat(shape.height().mm()).isCloseTo(height, within(0.1));
        assertThat(CutShape.of(shape.rings())).isEqualTo(shape);
        assertThat(shape.scaled(2).area().mm2()).isCloseTo(4 * shape.area().mm2(), within(1e-6 * area));
    }

    /** Large circles and thin strips, whose largest circle is known. */
    @Test
    public void theLargestCircleInsideIsFoundInStripsToo() {
        CutShape strip = SvgReading.read(MM.formatted("<rect width='98' height='0.8'/>"));
        assertThat(strip.inradius().mm()).isCloseTo(0.4, within(0.004));
        CutShape triangle = SvgReading.read(MM.formatted("<polygon points='0,0 30,0 30,40'/>"));
        // 2·area/perimeter.
        assertThat(triangle.inradius().mm()).isCloseTo(10, within(0.02));
        assertThat(triangle.centreUpMm()).isCloseTo(80 / 3.0, within(0.01));
    }

    /** What is refused, and a word that the refusal says. */
    @DataProvider
    public Object[][] bad() {
        StringBuilder many = new StringBuilder();
        for (int i = 0; i < 9000; i++) {
            many.append(i % 2 == 0 ? "L" : " ")
                    .append(50 + 40 * Math.cos(i * Math.PI / 4500))
                    .append(' ');
            many.append(50 + 40 * Math.sin(i * Math.PI / 4500)).append(' ');
        }
        return new Object[][] {
            {"", "XML"},
            {"not a drawing", "XML"},
            {"<html><body/></html>", "html"},
            {MM.formatted("<path d='M0 0L10 10'/>"), "closed"},
            {MM.formatted("<path d='M0 0L30 30L30 0L0 30Z'/>"), "cross"},
            {MM.formatted("<path d='M0 0 Q'/>"), "path"},
            {MM.formatted("<rect width='-4' height='5'/>"), ""},
            {MM.formatted("<rect width='NaN' height='5'/>"), ""},
            {MM.formatted("<rect width='1e30' height='5'/>"), ""},
            {MM.formatted(""), ""},
            {MM.formatted("<rect width='20' height='20'/><rect x='10' width='20' height='20'/>"), "overlap"},
            {MM.formatted("<rect width='9' height='9'/><rect x='20' width='9' height='9'/>"), "separate"},
            {
                MM.formatted("<rect width='40' height='40'/><rect x='5' y='5' width='30' height='30'/>"
                        + "<rect x='10' y='10' width='9' height='9'/>"),
                "island"
            },
            {MM.formatted("<polyline points='0,0 30,0 30,40'/>"), "open <polyline>"},
            {"<svg viewBox='0 0 9 9' preserveAspectRatio='stretch'><rect width='9' height='9'/></svg>", "stretch"},
            {MM.formatted("<script>alert(1)</script><rect width='9' height='9'/>"), "script"},
            {MM.formatted("<rect width='9' height='9' onclick='go()'/>"), "onclick"},
            {MM.formatted("<image href='http://example.invalid/a.png'/>"), "image"},
            {MM.formatted("<a href='http://example.invalid'><rect width='9' height='9'/></a>"), "href"},
            {"<!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/passwd'>]><svg><text>&x;</text></svg>", "document type"},
            {
                "<!DOCTYPE svg [<!ENTITY a 'aaaa'><!ENTITY b '&a;&a;&a;'>]><svg width='&b;'><rect width='9'/></svg>",
                "document type"
            },
            {MM.formatted("<rect width='9' height='9' transform='twirl(3)'/>"), "transform"},
            {"<svg width='10parsec' height='4'><rect width='9' height='9'/></svg>", "parsec"},
            {MM.formatted("<path d='M90 50 " + many + "Z'/>"), "corners"},
            {"<svg>" + " ".repeat(SvgReading.MOST_CHARACTERS) + "</svg>", "characters"},
            {MM.formatted("<circle r='0.1'/>"), ""},
            {"<svg width='900mm' height='900mm'><rect width='3000' height='3000'/></svg>", "400"},
        };
    }

    @Test(dataProvider = "bad")
    public void whatIsNoPlainClosedOutlineIsRefusedWithTheReason(String svg, String word) {
        assertThat(Refusals.of(() -> SvgReading.read(svg)))
                .allSatisfy(error -> assertThat(error.found() + error.allowed()).contains(word))
                .allSatisfy(error -> assertThat(error.fix()).isNotBlank());
    }
}
