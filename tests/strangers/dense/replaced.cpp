#include <iostream>
#include <string>
#include <vector>
#include <algorithm>
using namespace std;
int main() {
    string t = "the rain in the garden";
    replace(t.begin(), t.end(), ' ', '_');
    cout << t << endl;
    vector<int> v = {1, 2, 1, 3};
    std::replace(v.begin(), v.end(), 1, 9);
    for (int x : v) cout << x;
    cout << endl;
    char c = 'a';
    replace(t.begin(), t.end(), c, '*');
    cout << t << endl;
}
