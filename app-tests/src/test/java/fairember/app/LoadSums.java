package fairember.app;

import java.util.SplittableRandom;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Makes up whole problems of oven loads, as they are asked over HTTP. */
final class LoadSums {
    private LoadSums() {}

    static ObjectNode problem(SplittableRandom random) {
        ObjectNode problem = Http.JSON.createObjectNode();
        ArrayNode ovens = problem.putArray("ovens");
        for (int o = 0; o <= random.nextInt(3); o++) {
            ovens.add(oven("oven " + o, random));
        }
        problem.putObject("makers").put("atOnce", random.nextInt(3));
        ArrayNode bakes = problem.putArray("bakes");
        int many = 2 + random.nextInt(8);
        for (int j = 0; j < many; j++) {
            bakes.add(bake(j, random));
        }
        if (random.nextBoolean()) {
            problem.putArray("apart").addObject().put("one", "b0").put("other", "b1");
        }
        if (random.nextInt(3) == 0) {
            ObjectNode pin = problem.putArray("pins").addObject().put("oven", 0);
            pin.putArray("items").addObject().put("key", "b0").put("count", 1);
        }
        return problem.put("effort", "SEARCH");
    }

    /** One that takes long to plan. */
    static ObjectNode lengthy(SplittableRandom random) {
        ObjectNode problem = problem(random).put("effort", "PROOF");
        ArrayNode bakes = problem.putArray("bakes");
        for (int j = 0; j < 120; j++) {
            bakes.add(bake(j, random));
        }
        problem.remove("pins");
        return problem;
    }

    private static ObjectNode oven(String name, SplittableRandom random) {
        ObjectNode oven = Http.JSON
                .createObjectNode()
                .put("name", name)
                .put("trayWidthMm", 150 + random.nextInt(250))
                .put("trayDepthMm", 100 + random.nextInt(200))
                .put("gapMm", random.nextInt(10))
                .put("preheatMin", random.nextInt(15))
                .put("unloadMin", random.nextInt(4))
                .put("preheatKwh", random.nextInt(30) / 100.0)
                .put("keepHotKw", random.nextInt(90) / 100.0)
                .put("cold", random.nextBoolean());
        ArrayNode clearances = oven.putArray("clearancesMm");
        for (int s = 0; s <= random.nextInt(2); s++) {
            clearances.add(30 + random.nextInt(100));
        }
        if (random.nextBoolean()) {
            ArrayNode hours = oven.putArray("hours");
            for (int day = 0; day < 30; day++) {
                hours.addObject().put("fromMin", 1440 * day + 30).put("toMin", 1440 * day + 200 + random.nextInt(300));
            }
        }
        for (int k = random.nextInt(3); k > 0; k--) {
            oven.withArray("spots")
                    .addObject()
                    .put("leftMm", random.nextInt(150))
                    .put("backMm", random.nextInt(100))
                    .put("warmerC", random.nextInt(20) - 10);
        }
        return oven;
    }

    private static ObjectNode bake(int j, SplittableRandom random) {
        double low = 110 + 5 * random.nextInt(4);
        double bakingTime = 10 + 5 * random.nextInt(8);
        ObjectNode bake = Http.JSON
                .createObjectNode()
                .put("key", "b" + j)
                .put("name", "bake " + j)
                .put("count", 1 + random.nextInt(14))
                .put("widthMm", 10 + random.nextInt(60))
                .put("depthMm", 10 + random.nextInt(60))
                .put("heightMm", 5 + random.nextInt(60))
                .put("turns", random.nextBoolean())
                .put("lowC", low)
                .put("highC", low + 5 * random.nextInt(5))
                .put("bakingMin", bakingTime)
                .put("mostMin", bakingTime + 10 * random.nextInt(6))
                .put("least", 1 + random.nextInt(3))
                .put("handsMin", random.nextInt(60))
                .put("dueMin", 60 + random.nextInt(1500));
        if (j > 0 && random.nextInt(3) == 0) {
            bake.putArray("after").addObject().put("key", "b" + (j - 1)).put("coolingMin", random.nextInt(30));
        }
        return bake;
    }
}
