package tactus.records.shelf;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.core.taught.practice.Demand;

/** What versions of a song ask, as one text: a line for each version, with tabs between its values. */
final class DemandText {

    private static final String BETWEEN = "\t";
    private static final int OF_VERSION = 3;
    private static final int OF_CHANGE = 4;

    private DemandText() {}

    static String of(List<Demand> demands) {
        return demands.stream()
                .map(demand -> Stream.concat(
                                Stream.<Object>of(demand.version(), demand.stretch(), demand.strokesPerSecond()),
                                demand.changes().stream()
                                        .flatMap(change -> Stream.<Object>of(
                                                change.from(), change.to(), change.gap(), change.seconds())))
                        .map(Object::toString)
                        .collect(Collectors.joining(BETWEEN)))
                .collect(Collectors.joining("\n"));
    }

    static List<Demand> read(String text) {
        return text.lines().map(DemandText::line).toList();
    }

    private static Demand line(String line) {
        String[] values = line.split(BETWEEN, -1);
        var changes = new ArrayList<Demand.Change>();
        for (int i = OF_VERSION; i + OF_CHANGE <= values.length; i += OF_CHANGE)
            changes.add(new Demand.Change(
                    values[i], values[i + 1], Double.parseDouble(values[i + 2]), Double.parseDouble(values[i + 3])));
        return new Demand(values[0], Double.parseDouble(values[1]), Double.parseDouble(values[2]), changes);
    }
}
