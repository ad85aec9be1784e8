#include <iostream>
using namespace std;
int main() {
    int* a = new int(5);
    int* b = a;
    *b = 10;
    cout << "a=" << *a << " b=" << *b << endl;
    cout << "same? " << (a == b) << endl;
    int sum = *a + *b * 2;
    cout << sum << " " << *a * *b << endl;
    if (*a > 3 && *b > 3) cout << "both" << endl;
    for (int i = 0; i < 3; i++) *a += i;
    while (*a > 10) (*a)--;
    cout << *a << endl;
    int arr[3] = {1, 2, 3};
    *a = arr[1];
    arr[2] = *a * 4;
    cout << arr[2] << " " << ++*a << " " << (*a)++ << " " << *a << endl;
    delete a;
}
