#include <iostream>
using namespace std;
int main() {
    int* p = new int(8);
    cout << *p << endl;
    *p = 5;
    *p += 2;
    (*p)++;
    cout << *p << endl;
    int* q = p;
    *q = 1;
    cout << *p << (p == q) << endl;
    delete p;
    p = nullptr;
    if (p == nullptr) cout << "gone" << endl;
    double* d = new double;
    *d = 2.5;
    cout << *d * 2 << endl;
    delete d;
}
