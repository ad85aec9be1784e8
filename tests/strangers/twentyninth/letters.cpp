#include <iostream>
#include <cstring>
using namespace std;

class String {
    char* data;
    int len;
public:
    String(const char* s = "") { len = strlen(s); data = new char[len + 1]; strcpy(data, s); }
    String(const String& other) : len(other.len) { data = new char[len + 1]; strcpy(data, other.data); }
    String& operator=(const String& other) {
        if (this != &other) { delete[] data; len = other.len; data = new char[len + 1]; strcpy(data, other.data); }
        return *this;
    }
    ~String() { delete[] data; }
    int length() const { return len; }
    char& operator[](int i) { return data[i]; }
    String operator+(const String& o) const {
        char* buf = new char[len + o.len + 1];
        strcpy(buf, data); strcat(buf, o.data);
        String r(buf);
        delete[] buf;
        return r;
    }
    bool operator==(const String& o) const { return strcmp(data, o.data) == 0; }
    friend ostream& operator<<(ostream& os, const String& s) { return os << s.data; }
};

int main() {
    String a("garden"), b = a;
    b[0] = 'w';
    cout << a << " " << b << " " << a.length() << endl;
    String c = a + String(" ") + b;
    cout << c << " " << (a == b) << (c == c) << endl;
    String d;
    d = c;
    d[1] = '_';
    cout << c << " " << d << endl;
}
