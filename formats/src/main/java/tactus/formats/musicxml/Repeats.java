package tactus.formats.musicxml;

import static tactus.formats.musicxml.MusicXmlReader.at;
import static tactus.formats.musicxml.MusicXmlReader.children;

import java.util.ArrayList;
import java.util.List;
import org.w3c.dom.Element;
import tactus.core.ground.refusal.Refusal;
import tactus.core.reading.transcription.ReadMusic;

/** Measures in the order in which they are played: repeats and their endings. */
final class Repeats {

    private static final int MOST_TIMES = 32;

    private Repeats() {}

    /** @throws Refusal if it becomes longer than what is read */
    static List<Element> playedOut(List<Element> measures) {
        List<String> endings = endings(measures);
        var played = new ArrayList<Element>();
        int start = 0;
        int pass = 1;
        int i = 0;
        while (i < measures.size()) {
            Element measure = measures.get(i);
            if (isStart(measure) && i != start) {
                start = i;
                pass = 1;
            }
            if (isSkipped(endings.get(i), pass)) {
                i++;
                continue;
            }
            played.add(measure);
            if (played.size() > ReadMusic.MOST_BARS) throw new Refusal("import.too-long", ReadMusic.MOST_BARS);
            int times = times(measure);
            if (times > 1 && pass < times) {
                pass++;
                i = start;
            } else {
                if (times > 1) {
                    start = i + 1;
                    pass = 1;
                }
                i++;
            }
        }
        return played;
    }

    /** Whether a repeat begins with it. */
    static boolean isStart(Element measure) {
        return repeat(measure, "forward") != null;
    }

    private static Element repeat(Element measure, String direction) {
        for (Element line : children(measure, "barline")) {
            Element repeat = at(line, "repeat");
            if (repeat != null && repeat.getAttribute("direction").equals(direction)) return repeat;
        }
        return null;
    }

    /** How often the bars up to it are played; 1 if none is repeated. */
    private static int times(Element measure) {
        Element back = repeat(measure, "backward");
        if (back == null) return 1;
        String times = back.getAttribute("times");
        return times.matches("\\d{1,2}") ? Math.clamp(Integer.parseInt(times), 1, MOST_TIMES) : 2;
    }

    /** For each measure the passes of the ending that it lies in; empty where it lies in none. */
    private static List<String> endings(List<Element> measures) {
        var endings = new ArrayList<String>();
        String numbers = "";
        for (Element measure : measures) {
            boolean ends = false;
            for (Element line : children(measure, "barline")) {
                Element ending = at(line, "ending");
                if (ending == null) continue;
                ends = !ending.getAttribute("type").equals("start");
                if (!ends) numbers = ending.getAttribute("number");
            }
            endings.add(numbers);
            if (ends) numbers = "";
        }
        return endings;
    }

    /** Whether an ending is not for this pass. */
    private static boolean isSkipped(String numbers, int pass) {
        return !numbers.isEmpty() && !List.of(numbers.split("\\s*,\\s*")).contains(String.valueOf(pass));
    }
}
