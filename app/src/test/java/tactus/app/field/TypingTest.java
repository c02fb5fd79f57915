package tactus.app.field;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

class TypingTest {

    private static final String LONG = "x".repeat(Typing.SHORT + 1);

    private final List<String> shown = new ArrayList<>();
    private final CountDownLatch begun = new CountDownLatch(1);
    private final CountDownLatch goOn = new CountDownLatch(1);

    @BeforeAll
    static void start() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    private Typing<String> typing() {
        return new Typing<>(text -> () -> read(text), shown::add, () -> shown.add("wait"));
    }

    private String read(String text) {
        if (text.startsWith("slow")) {
            begun.countDown();
            try {
                goOn.await(20, TimeUnit.SECONDS);
            } catch (InterruptedException hurry) {
                Thread.currentThread().interrupt();
            }
        }
        return text.substring(0, 4);
    }

    private static void inWindow(Runnable what) {
        WaitForAsyncUtils.waitForAsyncFx(20_000, what);
    }

    @Test
    void whatIsShortIsReadAtOnceAndWhatIsLongLater() throws Exception {
        Typing<String> typing = typing();
        inWindow(() -> {
            typing.read("soon");
            assertEquals(List.of("soon"), shown);
            typing.read("long" + LONG);
            assertEquals(List.of("soon", "wait"), shown);
        });
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> shown.size() == 3);
        assertEquals("long", shown.getLast());
    }

    @Test
    void whatWasOvertakenIsNeverShownWhetherReadingHadBegunOrNot() throws Exception {
        Typing<String> typing = typing();
        inWindow(() -> typing.read("slow" + LONG));
        begun.await(20, TimeUnit.SECONDS);
        inWindow(() -> {
            typing.read("next" + LONG);
            typing.read("last" + LONG);
        });
        goOn.countDown();
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> shown.contains("last"));
        assertEquals(List.of("wait", "wait", "wait", "last"), shown);
        inWindow(() -> typing.read("soon"));
        assertEquals("soon", shown.getLast());
    }

    @Test
    void aMistakeOfAReaderIsToldInTheWindowsThread() {
        var typing = new Typing<String>(
                _ -> () -> {
                    throw new IllegalStateException("a mistake");
                },
                shown::add,
                () -> {});
        assertThrows(IllegalStateException.class, () -> typing.read("now"));
        assertEquals(List.of(), shown);
    }
}
