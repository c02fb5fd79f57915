package tactus.app.window;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import tactus.formats.song.SongFile;
import tactus.words.Words;

/** Asks with the system's own file dialog. */
final class SystemFileAsker implements FileAsker {

    private final Stage stage;
    private Optional<File> folder = Optional.empty();

    SystemFileAsker(Stage stage) {
        this.stage = stage;
    }

    @Override
    public Optional<Path> toOpen() {
        return answered(chooser(SongFile.ENDING.substring(1)).showOpenDialog(stage));
    }

    @Override
    public List<Path> toOpenSeveral() {
        List<File> files = chooser(SongFile.ENDING.substring(1)).showOpenMultipleDialog(stage);
        if (files == null) return List.of();
        files.stream().findFirst().ifPresent(file -> folder = Optional.ofNullable(file.getParentFile()));
        return files.stream().map(File::toPath).toList();
    }

    @Override
    public Optional<Path> toOpenFolder() {
        var chooser = new DirectoryChooser();
        folder.filter(File::isDirectory).ifPresent(chooser::setInitialDirectory);
        return Optional.ofNullable(chooser.showDialog(stage)).map(File::toPath);
    }

    @Override
    public Optional<Path> toImport() {
        FileChooser chooser = chooser("musicxml");
        chooser.getExtensionFilters()
                .addFirst(new FileChooser.ExtensionFilter(
                        Words.of("files.music"), "*.musicxml", "*.xml", "*.mxl", "*.mid", "*.midi"));
        return answered(chooser.showOpenDialog(stage));
    }

    @Override
    public Optional<Path> toOpenMidi() {
        return answered(chooser("mid").showOpenDialog(stage));
    }

    @Override
    public Optional<Path> toWrite(String name, String ending) {
        FileChooser chooser = chooser(ending);
        chooser.setInitialFileName(name + "." + ending);
        return answered(chooser.showSaveDialog(stage));
    }

    private FileChooser chooser(String ending) {
        var chooser = new FileChooser();
        folder.filter(File::isDirectory).ifPresent(chooser::setInitialDirectory);
        chooser.getExtensionFilters()
                .setAll(
                        new FileChooser.ExtensionFilter(Words.of("files." + ending), "*." + ending),
                        new FileChooser.ExtensionFilter(Words.of("files.all"), "*"));
        return chooser;
    }

    private Optional<Path> answered(File file) {
        if (file != null) folder = Optional.ofNullable(file.getParentFile());
        return Optional.ofNullable(file).map(File::toPath);
    }
}
