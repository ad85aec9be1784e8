#include <iostream>
#include <vector>
using namespace std;

void twice(int& number) {
    number *= 2;
}

void swapped(int& a, int& b) {
    int kept = a;
    a = b;
    b = kept;
}

void grow(vector<int>& beds, int count) {
    for (int i = 0; i < count; i++) beds.push_back(i);
}

void copied(vector<int> beds) {
    beds[0] = 99;
    beds.push_back(1);
}

int main() {
    int a = 3, b = 4;
    twice(a);
    swapped(a, b);
    swap(a, b);
    cout << a << " " << b << endl;
    vector<int> beds;
    grow(beds, 3);
    copied(beds);
    vector<int> other = beds;
    other[1] = 50;
    other.push_back(7);
    cout << beds.size() << " " << beds[0] << beds[1] << " " << other.size() << other[1] << endl;
    for (int& bed : beds) bed += 10;
    for (int bed : beds) bed += 100;
    for (const int& bed : beds) cout << bed << " ";
    cout << endl;
}
