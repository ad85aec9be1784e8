#include<iostream>
#include<cmath>
using namespace std;
bool isPrime(int n){
	if(n<2)return false;
	for(int i=2;i<=sqrt(n);i++)if(n%i==0)return false;
	return true;
}
int gcd(int a,int b){return b==0?a:gcd(b,a%b);}
long long fact(int n){long long r=1;while(n>1)r*=n--;return r;}
void swapThem(int&a,int&b){int t=a;a=b;b=t;}
int main(){
	int a=48,b=36;
	swapThem(a,b);
	cout<<a<<" "<<b<<" "<<gcd(a,b)<<" "<<a*b/gcd(a,b)<<endl;
	for(int i=0;i<30;i++){if(isPrime(i))cout<<i<<" ";}
	cout<<endl;
	for(int i=0;i<=20;i+=5)cout<<i<<"! = "<<fact(i)<<endl;
	int digits=0,sum=0,n=98765;
	do{sum+=n%10;n/=10;digits++;}while(n>0);
	cout<<digits<<" digits, sum "<<sum<<endl;
	for(int r=1;r<=4;r++){
		for(int s=0;s<4-r;s++)cout<<" ";
		for(int s=0;s<2*r-1;s++)cout<<"*";
		cout<<"\n";
	}
	int arr[]={5,3,9,1,7},size=sizeof(arr)/sizeof(arr[0]);
	for(int i=0;i<size-1;i++)for(int j=0;j<size-1-i;j++)if(arr[j]>arr[j+1])swap(arr[j],arr[j+1]);
	for(int i=0;i<size;i++)cout<<arr[i]<<(i<size-1?",":"\n");
	int m[3][3];
	for(int i=0;i<3;i++)for(int j=0;j<3;j++)m[i][j]=i*3+j;
	int trace=0;for(int i=0;i<3;i++)trace+=m[i][i];
	cout<<"trace "<<trace<<endl;
	char c='a';while(c<='e'){cout<<c<<(int)c<<' ';c++;}
	cout<<endl<<pow(2,10)<<" "<<sqrt(2)<<" "<<7/2<<" "<<7/2.0<<" "<<-7/2<<" "<<-7%3<<" "<<1e6<<" "<<1234567.0<<" "<<0.1+0.2<<endl;
	int x=5;cout<<x++<<" ";cout<<++x<<" "<<x<<endl;
	unsigned int u=0;u--;cout<<u<<endl;
	int big=2147483647;long long bigger=big;bigger++;cout<<bigger<<endl;
	bool ok=a>b;cout<<ok<<boolalpha<<ok<<noboolalpha<<!ok<<endl;
	return 0;
}
