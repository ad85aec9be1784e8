#include <iostream>
#include <sstream>
#include <string>
using namespace std;
class P {
    int x = 3;
public:
    string str() const {
        ostringstream out;
        out << "x=" << x;
        return out.str();
    }
    int size() const { string s = "abcd"; return s.size() + x; }
    bool empty() const { return str().empty(); }
    void clear() { string t = "q"; t.clear(); x = t.size(); }
};
int main() {
    P p;
    cout << p.str() << p.size() << p.empty() << endl;
    p.clear();
    cout << p.str() << endl;
}
