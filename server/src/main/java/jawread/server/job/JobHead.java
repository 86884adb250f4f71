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
}
