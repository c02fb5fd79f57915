package tactus.app.field;

import javafx.scene.control.Spinner;
import javafx.scene.control.SpinnerValueFactory.IntegerSpinnerValueFactory;
import javafx.util.StringConverter;

/** A whole number that can be typed or stepped; what is no number becomes what was there before. */
public final class WholeNumberSpinner extends Spinner<Integer> {

    private final IntegerSpinnerValueFactory numbers;

    public WholeNumberSpinner(int least, int most) {
        numbers = new IntegerSpinnerValueFactory(least, most);
        numbers.setConverter(new Forgiving());
        setValueFactory(numbers);
        setEditable(true);
        getStyleClass().add("number-spinner");
        getEditor().focusedProperty().subscribe((_, focused) -> {
            if (!focused) commitValue();
        });
    }

    /** Sets the greatest number that can be chosen. */
    public void setMost(int most) {
        numbers.setMax(most);
    }

    /** Shows {@code number}. */
    public void show(int number) {
        numbers.setValue(number);
        getEditor().setText(Integer.toString(number));
    }

    private final class Forgiving extends StringConverter<Integer> {

        @Override
        public String toString(Integer number) {
            return number == null ? "" : number.toString();
        }

        @Override
        public Integer fromString(String text) {
            try {
                return Integer.valueOf(text.strip());
            } catch (NumberFormatException noNumber) {
                return getValue();
            }
        }
    }
}
