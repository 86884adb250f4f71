package jawread.server.signal;

import com.fazecast.jSerialComm.SerialPort;
import com.fazecast.jSerialComm.SerialPortInvalidPortException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.Arrays;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Those that the operating system has. 8 bits, no parity, one stop bit, as gauges send. */
@Component
class MachinePorts implements SerialPorts {
    private static final Logger LOG = LoggerFactory.getLogger(MachinePorts.class);

    @Override
    public List<String> names() {
        try {
            return Arrays.stream(SerialPort.getCommPorts())
                    .map(SerialPort::getSystemPortName)
                    .sorted()
                    .toList();
        } catch (LinkageError none) {
            LOG.debug("No serial ports can be reached on this machine: {}", none.getMessage());
            return List.of();
        }
    }

    @Override
    public Line open(String name, int baud) throws IOException {
        try {
            SerialPort port = SerialPort.getCommPort(name);
            port.setBaudRate(baud);
            // Until a byte comes, however long that is.
            port.setComPortTimeouts(SerialPort.TIMEOUT_READ_SEMI_BLOCKING, 0, 0);
            if (!port.openPort()) {
                throw new IOException(name + " is not there, or taken");
            }
            return new Open(port);
        } catch (SerialPortInvalidPortException | LinkageError none) {
            throw new IOException(name + " is not there", none);
        }
    }

    private record Open(SerialPort port) implements Line {
        @Override
        public InputStream in() {
            return port.getInputStream();
        }

        @Override
        public OutputStream out() {
            return port.getOutputStream();
        }

        @Override
        public void close() {
            port.closePort();
        }
    }
}
