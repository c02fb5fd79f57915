package tactus.app.place;

import java.util.function.Supplier;

/** A value that is made when it is first wanted. */
public final class Once<T> implements Supplier<T> {

    private final Supplier<T> maker;
    private T made;

    public Once(Supplier<T> maker) {
        this.maker = maker;
    }

    @Override
    public T get() {
        if (made == null) made = maker.get();
        return made;
    }
}
