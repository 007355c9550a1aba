package fairember.app.batch;

import fairember.app.daybook.DaybookLearning;
import fairember.app.settings.SettingsStore;
import fairember.core.batch.Reserved;
import fairember.core.daybook.Learned;
import fairember.core.daybook.LineKind;
import fairember.core.design.SpareBox;
import fairember.core.review.BatchReview;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What a batch was planned to take, and what it took. */
@RestController
class BatchReviewController {
    private final Planning planning;
    private final DaybookLearning learning;
    private final SettingsStore settings;

    BatchReviewController(Planning planning, DaybookLearning learning, SettingsStore settings) {
        this.planning = planning;
        this.learning = learning;
        this.settings = settings;
    }

    /** Planned and real of one thing, and what the difference costs. */
    record ReviewLineView(BatchReview.What kind, String what, double planned, double real, long dearerMinor) {
        static ReviewLineView of(BatchReview.Line line) {
            return new ReviewLineView(
                    line.of(),
                    line.what(),
                    line.planned(),
                    line.real(),
                    line.dearer().minor());
        }
    }

    /** All that was logged of a batch beside its plan; {@code causes} are the three that matter most. */
    record BatchReviewView(List<ReviewLineView> lines, List<ReviewLineView> causes, long dearerMinor) {
        static BatchReviewView of(BatchReview review) {
            return new BatchReviewView(
                    Stream.of(review.minutes(), review.rework(), review.grams(), review.lost())
                            .flatMap(List::stream)
                            .map(ReviewLineView::of)
                            .toList(),
                    review.causes().stream().map(ReviewLineView::of).toList(),
                    review.dearer().minor());
        }
    }

    /** The plan it is compared with is the one that the other batches' logs would give. */
    @GetMapping("/api/batches/{id}/review")
    BatchReviewView review(@PathVariable long id) {
        Learned others = learning.without(id);
        Planning.Work work = planning.work(id, others);
        BatchCosting costing = new BatchCosting(settings.settings(), planning.oven(), others, SpareBox.EMPTY);
        return BatchReviewView.of(BatchReview.of(
                work.jobs(),
                costing.needs(work.jobs(), Reserved.NOTHING),
                new BatchReview.Logged(
                        learning.ofBatch(id, LineKind.TIME),
                        learning.ofBatch(id, LineKind.REWORK),
                        learning.weighedIn(id),
                        learning.lostIn(id)),
                others,
                settings.settings().rates(),
                costing::of));
    }
}
