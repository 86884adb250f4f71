package jawread.server.job;

import jawread.core.length.LengthUnit;

/**
 * What stands at the head of a job.
 *
 * @param limitsSource the drawing and revision, or manual and page, that the limits come from; asked for, for a limit typed in by
 *     hand is only as good as its source
 * @param material of the parts, by name; empty while nobody has said
 * @param temperature of the parts in °C, as typed; empty while nobody has said
 * @param decider who decides on a job that lives hang on
 */
public record JobHead(
        String name,
        String about,
        String limitsSource,
        String customerReference,
        LengthUnit unit,
        String material,
        String temperature,
        boolean livesHangOnIt,
        String decider) {
    public JobHead {
        name = name.strip();
        about = about.strip();
        limitsSource = limitsSource.strip();
        customerReference = customerReference.strip();
        material = material.strip();
        temperature = temperature.strip();
        decider = decider.strip();
    }

    /** A job of this name about which nothing else is known yet. */
    public static JobHead called(String name, LengthUnit unit) {
        return new JobHead(name, "", "", "", unit, "", "", false, "");
    }

    public JobHead called(String other) {
        return new JobHead(
                other, about, limitsSource, customerReference, unit, material, temperature, livesHangOnIt, decider);
    }

    public JobHead from(String source) {
        return new JobHead(name, about, source, customerReference, unit, material, temperature, livesHangOnIt, decider);
    }

    public JobHead about(String other) {
        return new JobHead(
                name, other, limitsSource, customerReference, unit, material, temperature, livesHangOnIt, decider);
    }

    /** @param reference the customer's */
    public JobHead orderedBy(String reference) {
        return new JobHead(name, about, limitsSource, reference, unit, material, temperature, livesHangOnIt, decider);
    }

    public JobHead in(LengthUnit other) {
        return new JobHead(
                name, about, limitsSource, customerReference, other, material, temperature, livesHangOnIt, decider);
    }

    public JobHead of(String other) {
        return new JobHead(
                name, about, limitsSource, customerReference, unit, other, temperature, livesHangOnIt, decider);
    }

    /** @param degrees as typed */
    public JobHead at(String degrees) {
        return new JobHead(
                name, about, limitsSource, customerReference, unit, material, degrees, livesHangOnIt, decider);
    }
}
