package tactus.app.window;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javafx.concurrent.Task;
import javafx.print.JobSettings;
import javafx.print.PageLayout;
import javafx.print.PageOrientation;
import javafx.print.PageRange;
import javafx.print.Paper;
import javafx.print.Printer;
import javafx.print.PrinterJob;
import javafx.scene.Node;
import javafx.scene.image.ImageView;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.app.field.Images;
import tactus.app.place.Printed;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Outcome;
import tactus.formats.sheet.Sheet;
import tactus.formats.sheet.SheetLook;
import tactus.words.Words;

/** Prints the sheet, or what a place has, with the system's dialog; where there is no printer it says so and offers the PDF. */
final class Printing {

    private static final Logger LOG = LoggerFactory.getLogger(Printing.class);
    private static final float DOTS_PER_INCH = 200;
    private static final double POINTS_AN_INCH = 72;

    private final Work work;
    private final Background background;
    private final StatusLine status;
    private final NoticeBar notices;
    private final Supplier<SheetLook> look;
    private final Supplier<Optional<PrinterJob>> jobs;
    private final Runnable toPdf;

    /**
     * @param jobs makes a job for the usual printer; none if there is none
     * @param toPdf saves the sheet as PDF instead
     */
    Printing(
            Work work,
            Background background,
            StatusLine status,
            NoticeBar notices,
            Supplier<SheetLook> look,
            Supplier<Optional<PrinterJob>> jobs,
            Runnable toPdf) {
        this.work = work;
        this.background = background;
        this.status = status;
        this.notices = notices;
        this.look = look;
        this.jobs = jobs;
        this.toPdf = toPdf;
    }

    /** A job for the usual printer of this machine. */
    static Optional<PrinterJob> usual() {
        try {
            return Optional.ofNullable(PrinterJob.createPrinterJob());
        } catch (RuntimeException | LinkageError without) {
            LOG.info("printing is not possible here", without);
            return Optional.empty();
        }
    }

    /** Asks for printer, pages and copies, and prints the sheet. */
    void print(Node owner) {
        Work.State state = work.stateProperty().get();
        SheetLook now = look.get();
        Outcome outcome = print(
                owner, dots -> Sheet.of(state.song(), state.timeline(), now).images(dots));
        outcome.refusal()
                .ifPresent(why -> notices.show(
                        Words.why(why), List.of(new Card.Answer("print-pdf", Words.of("print.pdf"), toPdf))));
    }

    /** Asks for printer, pages and copies, and prints {@code what}; answers why that cannot be. */
    Outcome print(Node owner, Printed what) {
        Optional<PrinterJob> job = jobs.get();
        if (job.isEmpty()) return Outcome.refused("print.none");
        boolean isWanted = job.get().showPrintDialog(owner.getScene().getWindow());
        if (isWanted) start(job.get(), what);
        else job.get().cancelJob();
        return Outcome.DONE;
    }

    private void start(PrinterJob job, Printed what) {
        var drawing = new Drawing(what);
        drawing.setOnSucceeded(_ -> send(job, drawing.getValue()));
        drawing.setOnFailed(_ -> fail(job));
        status.follow(drawing, Words.of("print.asking"));
        background.run(drawing);
    }

    private void fail(PrinterJob job) {
        job.cancelJob();
        status.say("");
        notices.show(Words.of("print.failed"), List.of());
    }

    private void send(PrinterJob job, List<BufferedImage> pages) {
        BufferedImage first = pages.getFirst();
        boolean lies = first.getWidth() > first.getHeight();
        Printer printer = job.getPrinter();
        PageLayout layout = printer.createPageLayout(
                paper(job),
                lies ? PageOrientation.LANDSCAPE : PageOrientation.PORTRAIT,
                Printer.MarginType.HARDWARE_MINIMUM);
        int sent = 0;
        for (int page : wanted(job.getJobSettings(), pages.size())) {
            if (!job.printPage(layout, node(pages.get(page), layout))) {
                fail(job);
                return;
            }
            sent++;
        }
        if (job.endJob()) status.say(Words.of("print.done", printer.getName(), sent));
        else fail(job);
    }

    private Paper paper(PrinterJob job) {
        return switch (look.get().paper()) {
            case A4 -> Paper.A4;
            case LETTER -> Paper.NA_LETTER;
        };
    }

    /** The pages that are asked for, from 0. */
    static List<Integer> wanted(JobSettings settings, int pages) {
        PageRange[] ranges = settings.getPageRanges();
        return IntStream.range(0, pages)
                .filter(page -> ranges == null
                        || ranges.length == 0
                        || List.of(ranges).stream()
                                .anyMatch(range -> page + 1 >= range.getStartPage() && page + 1 <= range.getEndPage()))
                .boxed()
                .toList();
    }

    /** A page as large as can be printed of it. */
    private static Node node(BufferedImage page, PageLayout layout) {
        int width = page.getWidth();
        int height = page.getHeight();
        var view = new ImageView(Images.of(page));
        view.setPreserveRatio(true);
        double points = POINTS_AN_INCH / DOTS_PER_INCH;
        double shrunk = Math.min(
                1,
                Math.min(
                        layout.getPrintableWidth() / (width * points),
                        layout.getPrintableHeight() / (height * points)));
        view.setFitWidth(width * points * shrunk);
        return view;
    }

    private static final class Drawing extends Task<List<BufferedImage>> {

        private final Printed what;

        Drawing(Printed what) {
            this.what = what;
        }

        @Override
        protected List<BufferedImage> call() throws IOException {
            return what.pages(DOTS_PER_INCH);
        }
    }
}
