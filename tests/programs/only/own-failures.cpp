#include <iostream>
#include <stdexcept>
#include <string>
using namespace std;
class TooDry : public runtime_error {
public:
    int bed;
    TooDry(const string& what, int bed) : runtime_error(what), bed(bed) {}
};
class Dead : public TooDry {
public:
    Dead(int bed) : TooDry("dead plant", bed) {}
};
int water(int bed) {
    if (bed > 3) throw Dead(bed);
    if (bed > 1) throw TooDry("bed " + to_string(bed), bed);
    return bed;
}
int main() {
    for (int i = 1; i < 6; i += 2) {
        try {
            cout << water(i) << endl;
        } catch (const Dead& e) {
            cout << "dead: " << e.what() << " " << e.bed << endl;
        } catch (const TooDry& e) {
            cout << e.what() << " " << e.bed << endl;
        }
    }
    try { water(9); } catch (const exception& e) { cout << e.what() << endl; }
    try { throw TooDry("x", 1); } catch (const runtime_error& e) { cout << "r " << e.what() << endl; }
    return 0;
}
