package fairember.app.design;

import static fairember.app.web.Given.given;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fairember.app.document.SavedKind;
import fairember.app.journal.Journal;
import fairember.app.journal.MissingException;
import fairember.core.design.ClayFitting;
import fairember.core.design.Design;
import fairember.core.design.DesignHeating;
import fairember.core.design.DesignKind;
import fairember.core.design.DesignScaling;
import fairember.core.design.DesignScaling.ScaledDesign;
import fairember.core.design.DesignTemplates;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.Palette;
import fairember.core.design.Part;
import fairember.core.design.ReadySteps;
import fairember.core.design.Step;
import fairember.core.heat.Air;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Volume;
import fairember.core.studio.Settings;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The studio's designs. */
@RestController
@RequestMapping("/api/designs")
class DesignController {
    private final DesignStore store;
    private final DesignVersions versions;
    private final Journal journal;

    /** How measured designs look, as long as they are kept as measured: where they balance takes longest to work out. */
    private final Cache<MeasuredDesign, Shown> views =
            Caffeine.newBuilder().weakKeys().maximumSize(KEPT).build();

    private static final int KEPT = 500;

    private record Shown(Settings settings, MeasuredDesignView view) {}

    DesignController(DesignStore store, DesignVersions versions, Journal journal) {
        this.store = store;
        this.versions = versions;
        this.journal = journal;
    }

    /** A design with its number and edition, measured. */
    record DesignView(long id, int edition, Design design, MeasuredDesignView measured) {}

    /** The number of a new design. */
    record AddedDesignView(long id) {}

    @GetMapping
    List<DesignView> designs() {
        DesignStore.Measuring measuring = store.measuring();
        return store.all().stream().map(saved -> view(saved, measuring)).toList();
    }

    @GetMapping("/{id}")
    DesignView design(@PathVariable long id) {
        return store.find(id)
                .map(saved -> view(saved, store.measuring()))
                .orElseThrow(() -> new MissingException("design", id));
    }

    private DesignView view(SavedKind.Saved<Design> saved, DesignStore.Measuring measuring) {
        return view(saved.edition(), saved.value(), measuring);
    }

    private DesignView view(int edition, Design design, DesignStore.Measuring measuring) {
        return new DesignView(design.id(), edition, design, measured(measuring.of(design), measuring.settings()));
    }

    private MeasuredDesignView measured(MeasuredDesign design, Settings settings) {
        Shown last = views.getIfPresent(design);
        if (last == null || !last.settings().equals(settings)) {
            last = new Shown(settings, MeasuredDesignView.of(design, settings));
            views.put(design, last);
        }
        return last.view();
    }

    /** Measures a design that is being typed; nothing is saved. */
    @PostMapping("/measure")
    MeasuredDesignView measure(@RequestBody Design design) {
        DesignStore.Measuring measuring = store.measuring();
        return measured(measuring.of(design), measuring.settings());
    }

    /** How heat goes through each stage bake of a design that is being typed; nothing is saved. */
    @PostMapping("/heat")
    List<HeatedStageView> heat(@RequestParam(defaultValue = "STILL") Air air, @RequestBody Design design) {
        MeasuredDesign measured = store.measuring().of(design);
        return IntStream.range(0, measured.stages().size())
                .mapToObj(stage -> HeatedStageView.of(DesignHeating.heat(measured, stage, air)))
                .toList();
    }

    /** Steps to begin with for a design of its kind, in the order makers work. */
    @PostMapping("/ready-steps")
    List<Step> readySteps(@RequestBody Design form) {
        return ReadySteps.of(form);
    }

    /** A sensible design of a kind to begin from; nothing is saved. */
    @GetMapping("/templates/{kind}")
    Design template(@PathVariable DesignKind kind, @RequestParam long mixId) {
        return DesignTemplates.of(kind, mixId);
    }

    /** A design to scale: all of it by a factor or to a height, or one of its parts by a factor. */
    record ScaleForm(
            Design design,
            @Nullable Double factor,
            @Nullable Double heightMm,
            @Nullable Integer part) {}

    /** A scaled design, what it was scaled by, and what stayed. */
    record ScaledDesignView(Design design, double factor, List<String> stays) {
        static ScaledDesignView of(ScaledDesign scaled) {
            return new ScaledDesignView(scaled.design(), scaled.factor(), scaled.stays());
        }
    }

    /** Scales a design that is being typed; nothing is saved. */
    @PostMapping("/scale")
    ScaledDesignView scale(@RequestBody ScaleForm form) {
        Design design = form.design();
        Double height = form.heightMm();
        Integer part = form.part();
        if (part != null) {
            int parts = design.parts().size();
            if (part < 0 || part >= parts) {
                throw new InvalidInputException(
                        "part", "part " + part, "0 to " + (parts - 1), "Choose a part of the design.");
            }
            return ScaledDesignView.of(DesignScaling.part(design, part, given("factor", form.factor())));
        }
        return ScaledDesignView.of(
                height == null
                        ? DesignScaling.whole(design, given("factor", form.factor()))
                        : DesignScaling.toHeight(design, new Length(DesignScaling.HEIGHT.check(height))));
    }

    /** A dimension that follows from the clay, and what one copy takes then. */
    record FromClayView(double value, double massG) {}

    /** Shapes a part by its clay; nothing is saved. */
    @PostMapping("/from-clay")
    FromClayView fromClay(@RequestBody FromClayForm form) {
        List<Part> parts = form.design().parts();
        if (form.part() < 0 || form.part() >= parts.size()) {
            throw new InvalidInputException(
                    "part", "part " + form.part(), "0 to " + (parts.size() - 1), "Choose a part of the design.");
        }
        DesignStore.Measuring measuring = store.measuring();
        Settings settings = measuring.settings();
        Palette palette = measuring.palette();
        Density density = palette.mix(parts.get(form.part()).mixId()).density();
        ClayFitting.FittedPart fitted = ClayFitting.fit(
                form.design(),
                form.part(),
                clay(form, density),
                form.dimension(),
                palette,
                settings.roll(),
                settings.rules());
        return new FromClayView(fitted.value(), fitted.clay().g());
    }

    private static Mass clay(FromClayForm form, Density density) {
        Mass mass = form.mass();
        Length ball = form.ball();
        Mass block = form.block();
        Length cord = form.cord();
        if (mass != null) {
            return mass;
        }
        if (ball != null) {
            return density.of(new Volume(Math.PI / 6 * Math.pow(ball.mm(), 3)));
        }
        if (block != null) {
            return block.times(1.0 / given("pieces", form.pieces()));
        }
        Length length = given("cordLengthMm", form.cordLength());
        return density.of(
                new Volume(Math.PI / 4 * Math.pow(given("cordMm", cord).mm(), 2) * length.mm()));
    }

    /** A version of a design that was kept because batches used it. */
    record VersionView(int edition, List<String> batches) {}

    /** The kept versions of a design, the newest first; the design as it is now is not among them. */
    @GetMapping("/{id}/versions")
    List<VersionView> versions(@PathVariable long id) {
        return versions.editions(id).stream()
                .map(edition -> new VersionView(edition, versions.batches(id, edition)))
                .toList();
    }

    /** A design as it was at an edition that was kept. */
    @GetMapping("/{id}/versions/{edition}")
    DesignView version(@PathVariable long id, @PathVariable int edition) {
        Design design = versions.find(id, edition)
                .orElseThrow(() -> new MissingException("version " + edition + " of piece", id));
        return view(edition, design, store.measuring());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    AddedDesignView add(@RequestBody Design design) {
        return new AddedDesignView(journal.add(store, design));
    }

    @PutMapping("/{id}")
    DesignView replace(@PathVariable long id, @RequestParam int edition, @RequestBody Design design) {
        journal.replace(store, id, edition, design);
        return design(id);
    }

    @DeleteMapping("/{id}")
    void remove(@PathVariable long id, @RequestParam int edition) {
        journal.remove(store, id, edition);
    }
}
