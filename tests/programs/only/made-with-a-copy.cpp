#include <iostream>
#include <vector>
using namespace std;
class M {
    int rows, cols;
    vector<double> data;
public:
    M(const M& o) : rows(o.rows), cols(o.cols), data(o.data) {}
    M(int r, int c, double value = 0) : rows(r), cols(c), data(r * c, value) {}
    void show() { cout << data.size() << endl; }
};
int main() {
    M a(2, 2);
    a.show();
    M b(2, 3, 1);
    b.show();
}
