package fairember.app.batch;

import fairember.app.design.DesignStore;
import fairember.app.design.DesignUse;
import fairember.core.batch.Batch;
import fairember.core.batch.BatchJobs;
import fairember.core.batch.BatchState;
import fairember.core.batch.Progress;
import fairember.core.daybook.Learned;
import fairember.core.design.MeasuredDesign;
import fairember.core.input.InvalidInputException;
import fairember.core.ovenload.Bake;
import org.springframework.stereotype.Component;

/** Batches that a design is made in: none of them may come to more things than a bake can have when it changes. */
@Component
class BatchesOfDesign implements DesignUse {
    private final BatchStore batches;
    private final DesignStore designs;

    BatchesOfDesign(BatchStore batches, DesignStore designs) {
        this.batches = batches;
        this.designs = designs;
    }

    @Override
    public void check(MeasuredDesign changed) {
        long id = changed.design().id();
        DesignStore.Measuring measuring = designs.measuring();
        batches.making(id).stream()
                .filter(batch -> batch.state() != BatchState.FINISHED)
                .forEach(batch -> check(batch, changed, measuring));
    }

    private static void check(Batch batch, MeasuredDesign changed, DesignStore.Measuring measuring) {
        long id = changed.design().id();
        BatchJobs.tooMany(BatchJobs.of(
                        batch.id(),
                        batch.wanted(),
                        batch.firstAlone(),
                        design -> design == id ? changed : measuring.of(design),
                        one -> Progress.NONE,
                        Learned.NOTHING))
                .ifPresent(things -> {
                    throw new InvalidInputException(
                            "parts",
                            "%s, in the batch %s".formatted(things, batch.name()),
                            "up to %.0f".formatted(Bake.COUNT.high()),
                            "Lower the count here, or make fewer in that batch.");
                });
    }
}
