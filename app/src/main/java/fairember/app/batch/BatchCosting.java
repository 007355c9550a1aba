package fairember.app.batch;

import fairember.core.batch.Job;
import fairember.core.daybook.Learned;
import fairember.core.mix.Mix;
import fairember.core.mix.MixWaste;
import fairember.core.ovenload.Oven;
import fairember.core.price.DesignCost;
import fairember.core.price.DesignCosting;
import fairember.core.studio.Settings;

/** Costs the designs of a batch by the studio's settings and oven, and by what the daybook has taught. */
record BatchCosting(Settings settings, Oven oven, Learned learned) {
    MixWaste waste(Mix mix) {
        return learned.waste(mix, settings.mixWaste());
    }

    DesignCost of(Job job) {
        return DesignCosting.cost(job.design(), job.own(), settings.rates(), settings.roll(), oven, learned);
    }
}
