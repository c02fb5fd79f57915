package tactus.app.window;

import java.util.List;
import tactus.app.arrangement.ArrangementPlace;
import tactus.app.bench.BenchPlace;
import tactus.app.place.Place;
import tactus.app.place.PlaceServices;
import tactus.app.practice.PracticePlace;
import tactus.app.setup.SetUpPlace;
import tactus.app.sheet.SheetPlace;

/** The places of the window, in the order of the work. */
final class Places {

    private Places() {}

    static List<Place> of(PlaceServices parts) {
        return List.of(
                new SetUpPlace(parts),
                new BenchPlace(parts),
                new ArrangementPlace(parts),
                new SheetPlace(parts),
                new PracticePlace(parts));
    }
}
