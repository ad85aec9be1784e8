#include <iostream>
#include <vector>
using namespace std;

int place(const vector<int>& values, int wanted) {
    int low = 0, high = values.size() - 1;
    while (low <= high) {
        int middle = (low + high) / 2;
        if (values[middle] == wanted) return middle;
        if (values[middle] < wanted) low = middle + 1;
        else high = middle - 1;
    }
    return -1;
}

int main() {
    vector<int> values = {2, 3, 5, 7, 11, 13};
    for (int wanted : {2, 7, 13, 4}) cout << place(values, wanted) << " ";
    cout << endl;
}
