package tactus.formats.musicxml;

import java.io.InputStream;
import java.io.Reader;
import java.io.StringReader;
import org.w3c.dom.ls.LSInput;

/** A schema of which nothing but the attributes is known that MusicXML takes from it, so that none is fetched. */
final class StandIn implements LSInput {

    private final String text;

    StandIn(String namespace) {
        boolean isXml = namespace != null && namespace.endsWith("/namespace");
        String attributes = isXml
                ? "<xs:attribute name='lang' type='xs:language'/><xs:attribute name='space' type='xs:string'/>"
                : "<xs:attribute name='href' type='xs:anyURI'/><xs:attribute name='type' type='xs:string'/>"
                        + "<xs:attribute name='role' type='xs:token'/><xs:attribute name='title' type='xs:token'/>"
                        + "<xs:attribute name='show' type='xs:string'/><xs:attribute name='actuate' type='xs:string'/>";
        text = "<xs:schema xmlns:xs='http://www.w3.org/2001/XMLSchema' targetNamespace='" + namespace + "'>"
                + attributes + "</xs:schema>";
    }

    @Override
    public Reader getCharacterStream() {
        return new StringReader(text);
    }

    @Override
    public void setCharacterStream(Reader stream) {}

    @Override
    public InputStream getByteStream() {
        return null;
    }

    @Override
    public void setByteStream(InputStream stream) {}

    @Override
    public String getStringData() {
        return text;
    }

    @Override
    public void setStringData(String data) {}

    @Override
    public String getSystemId() {
        return null;
    }

    @Override
    public void setSystemId(String id) {}

    @Override
    public String getPublicId() {
        return null;
    }

    @Override
    public void setPublicId(String id) {}

    @Override
    public String getBaseURI() {
        return null;
    }

    @Override
    public void setBaseURI(String base) {}

    @Override
    public String getEncoding() {
        return null;
    }

    @Override
    public void setEncoding(String encoding) {}

    @Override
    public boolean getCertifiedText() {
        return false;
    }

    @Override
    public void setCertifiedText(boolean certified) {}
}
