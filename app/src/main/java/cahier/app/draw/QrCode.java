package cahier.app.draw;

import cahier.app.language.Words;
import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/**
 * A QR code as one path, a unit square for each dark module.
 *
 * @param size modules a side, the quiet zone included
 */
public record QrCode(String path, int size) {

    private static final int QUIET = 4;

    public static QrCode of(String text) {
        try {
            BitMatrix bits = new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 1, 1, Map.of(EncodeHintType.MARGIN, QUIET, EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M));
            StringBuilder path = new StringBuilder();
            for (int y = 0; y < bits.getHeight(); y++) {
                for (int x = 0; x < bits.getWidth(); x++) {
                    if (bits.get(x, y)) {
                        path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                    }
                }
            }
            return new QrCode(path.toString(), bits.getWidth());
        } catch (WriterException e) {
            throw new IllegalArgumentException(Words.say("draw.QrCode.a-link-of-characters-does", text.length()), e);
        }
    }
}
