#include <iostream>
using namespace std;
class IntList {
    int* data;
    int size, cap;
public:
    IntList(int c = 2) { data = new int[c]; size = 0; cap = c; }
    IntList(const IntList& o) {
        size = o.size; cap = o.cap;
        data = new int[cap];
        for (int i = 0; i < size; i++) data[i] = o.data[i];
    }
    ~IntList() { delete[] data; }
    IntList& operator=(const IntList& o) {
        if (this == &o) return *this;
        delete[] data;
        size = o.size; cap = o.cap;
        data = new int[cap];
        for (int i = 0; i < size; i++) data[i] = o.data[i];
        return *this;
    }
    void add(int x) {
        if (size == cap) {
            cap *= 2;
            int* bigger = new int[cap];
            for (int i = 0; i < size; i++) bigger[i] = data[i];
            delete[] data;
            data = bigger;
        }
        data[size++] = x;
    }
    int get(int i) const { return data[i]; }
    int count() const { return size; }
    int& operator[](int i) { return data[i]; }
};
int main() {
    IntList a;
    for (int i = 0; i < 5; i++) a.add(i * i);
    IntList b = a;
    b.add(100);
    b[0] = 7;
    cout << a.count() << " " << b.count() << " " << a.get(0) << " " << b.get(0) << endl;
    IntList c;
    c = b;
    c[1] = -1;
    cout << b[1] << " " << c[1] << endl;
}
