#include <iostream>
#include <vector>
#include <functional>
using namespace std;
class Bed {
    int n;
public:
    Bed() {
        n = 1;
        auto add = [this](int k) { if (k < 0) return; n += k; };
        add(4);
        add(-2);
    }
    Bed(int k) {
        n = k;
        if (k > 3) {
            n -= 1;
            return;
        }
        for (int i = 0; i < 5; i++) {
            if (i == k) { return; }
            n += 10;
        }
        cout << "end " << k << endl;
    }
    int get() {
        return n;
    }
};
int main() {
    Bed a(4);
    Bed b;
    Bed c(2);
    cout << a.get() << " " << b.get() << " " << c.get() << " " << Bed(-1).get() << endl;
}
