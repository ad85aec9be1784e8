#include <iostream>
#include <vector>
using namespace std;
int main() {
    int i = 1, sum = 0;
    while (i <= 5) sum += i++;
    cout << sum << " " << i << endl;
    int beds[4] = {0};
    int next = 0;
    for (int k = 10; k < 14; k++) beds[next++] = k;
    cout << beds[0] << beds[3] << " " << next << endl;
    int a = 5;
    int b = 0;
    b = a--;
    cout << a << b << endl;
    vector<int> left = {1, 4}, right = {2, 3};
    vector<int> merged(4);
    size_t l = 0, r = 0, m = 0;
    while (l < left.size() && r < right.size()) {
        if (left[l] <= right[r]) merged[m++] = left[l++];
        else merged[m++] = right[r++];
    }
    while (l < left.size()) merged[m++] = left[l++];
    while (r < right.size()) merged[m++] = right[r++];
    for (int x : merged) cout << x << " ";
    cout << endl;
    i++;
    cout << i << endl;
}
