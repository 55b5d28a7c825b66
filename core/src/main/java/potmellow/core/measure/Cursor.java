package potmellow.core.measure;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Goes over the pieces of a text, and knows where it stands. */
public final class Cursor {
    private final List<Token> tokens;
    private int at;

    public Cursor(List<Token> tokens) {
        this.tokens = List.copyOf(tokens);
    }

    public boolean atEnd() {
        return at >= tokens.size();
    }

    public int position() {
        return at;
    }

    public void back(int position) {
        at = position;
    }

    public Optional<Token> peek(int ahead) {
        return at + ahead < tokens.size() ? Optional.of(tokens.get(at + ahead)) : Optional.empty();
    }

    public boolean sees(String... any) {
        return peek(0).filter(token -> token.is(any)).isPresent();
    }

    public boolean seesNumber() {
        return peek(0).filter(Token::isNumber).isPresent();
    }

    /** Passes one of some words or signs, where one stands here. */
    public boolean take(String... any) {
        boolean there = sees(any);
        at += there ? 1 : 0;
        return there;
    }

    /** Passes several words in a row, where they stand here. */
    public boolean takeAll(String... row) {
        for (int i = 0; i < row.length; i++) {
            String word = row[i];
            if (peek(i).filter(token -> token.is(word)).isEmpty()) {
                return false;
            }
        }
        at += row.length;
        return true;
    }

    /** Passes as many of some words as stand here. */
    public void skip(String... any) {
        while (take(any)) {
            continue;
        }
    }

    /** A number that stands here: "640", "3/4", "1 3/4". */
    public Optional<Double> number() {
        return number(true);
    }

    /**
     * A number that stands here.
     *
     * @param alone whether a stroke between two numbers is a fraction also where no unit follows; "1/500" may be a strength
     */
    public Optional<Double> number(boolean alone) {
        if (!seesNumber()) {
            return Optional.empty();
        }
        double value = tokens.get(at).value();
        boolean stroke = peek(1).filter(token -> token.is("/")).isPresent()
                && peek(2).filter(Token::isNumber).isPresent();
        boolean unit = peek(3).filter(token -> token.kind() == Token.Kind.WORD).isPresent()
                || alone && at + 3 >= tokens.size();
        if (stroke && unit) {
            double below = tokens.get(at + 2).value();
            at += 3;
            return Optional.of(value / below);
        }
        at++;
        return Optional.of(value);
    }

    /** What stands from here on, as it was typed. */
    public String rest() {
        return text(Math.min(at, tokens.size()));
    }

    /** All of it, as it was typed. */
    public String text() {
        return text(0);
    }

    private String text(int from) {
        return tokens.subList(from, tokens.size()).stream().map(Token::text).collect(Collectors.joining(" "));
    }
}
