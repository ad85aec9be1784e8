#include <iostream>
#include <vector>
#include <algorithm>
#include <queue>
using namespace std;
bool isEven(int n) { return n % 2 == 0; }
int main() {
    vector<int> v = {1, 2, 3, 4, 6};
    auto big = [](int n) { return n > 2; };
    cout << count_if(v.begin(), v.end(), isEven) << count_if(v.begin(), v.end(), big) << any_of(v.begin(), v.end(), big) << all_of(v.begin(), v.end(), isEven) << none_of(v.begin(), v.end(), isEven) << endl;
    auto it = find_if(v.begin(), v.end(), big);
    if (it != v.end()) cout << *it << endl;
    v.erase(remove_if(v.begin(), v.end(), isEven), v.end());
    for (int x : v) cout << x << ' ';
    cout << endl;
    int item = 3;
    auto same = [&](int n) { return n == item; };
    cout << count_if(v.begin(), v.end(), same) << endl;
}
